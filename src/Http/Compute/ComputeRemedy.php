<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\Problem;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Compute\Data\RemedyRequest;
use Inlaid\App\Studio\ApplyFix;
use Inlaid\App\Studio\FixRefused;
use Inlaid\App\Studio\FixResponse;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/remedy', methods: 'POST')]
#[Describe(
    'Apply a fix to a recipe; refused if the finding stays or a worse one appears',
    takes: RemedyRequest::class,
    gives: FixResponse::class,
)]
final readonly class ComputeRemedy
{
    public function __construct(private ReadRecipe $read, private ReadContext $context, private ApplyFix $apply)
    {
    }

    public function __invoke(RemedyRequest $asked): FixResponse
    {
        $before = $this->read->document($asked->document->json, '/document');
        try {
            return $this->apply->apply(
                before: $before,
                finding: $asked->finding,
                fix: $asked->remedy,
                context: $this->context->stated($asked->context),
            );
        } catch (FixRefused $refused) {
            throw new Problem(422, $refused->reason, $refused->getMessage());
        }
    }
}
