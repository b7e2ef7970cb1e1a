<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Compute\Data\CloserRequest;
use Inlaid\App\Studio\ComeNearer;
use Inlaid\App\Studio\Deadline;
use Inlaid\App\Studio\FixResponse;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/closer', methods: 'POST')]
#[Describe('Bring a recipe closer to its target by the figures of its own steps', takes: CloserRequest::class, gives: FixResponse::class)]
final readonly class ComputeCloser
{
    private const SECONDS = 8;

    public function __construct(private ReadRecipe $read, private ReadContext $context, private ComeNearer $nearer)
    {
    }

    public function __invoke(CloserRequest $asked): FixResponse
    {
        return $this->nearer->to(
            before: $this->read->document($asked->document->json, '/document'),
            context: $this->context->stated($asked->context),
            isOver: Deadline::in(self::SECONDS),
        );
    }
}
