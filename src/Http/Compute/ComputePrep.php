<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Compute\Data\PrepRequest;
use Inlaid\App\Studio\AddPreparation;
use Inlaid\App\Studio\FixResponse;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/prep', methods: 'POST')]
#[Describe('Add suggested preparation to a recipe', takes: PrepRequest::class, gives: FixResponse::class)]
final readonly class ComputePrep
{
    public function __construct(private ReadRecipe $read, private ReadContext $context, private AddPreparation $add)
    {
    }

    public function __invoke(PrepRequest $asked): FixResponse
    {
        $before = $this->read->document($asked->document->json, '/document');

        return $this->add->add($before, $asked->take, $this->context->stated($asked->context));
    }
}
