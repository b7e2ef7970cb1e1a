<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Compute\Data\RemediesRequest;
use Inlaid\App\Http\Compute\Data\RemediesResponse;
use Inlaid\App\Studio\Deadline;
use Inlaid\App\Studio\TryRemedies;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/remedies', methods: 'POST')]
#[Describe('Try each fix of a finding on the recipe', takes: RemediesRequest::class, gives: RemediesResponse::class)]
final readonly class ComputeRemedies
{
    private const SECONDS = 4.0;

    public function __construct(private ReadRecipe $read, private ReadContext $context, private TryRemedies $try)
    {
    }

    public function __invoke(RemediesRequest $asked): RemediesResponse
    {
        return new RemediesResponse($this->try->of(
            before: $this->read->document($asked->document->json, '/document'),
            key: $asked->finding,
            context: $this->context->stated($asked->context),
            isOver: Deadline::in(self::SECONDS),
        ));
    }
}
