<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Runs\Data\TryEntryRequest;
use Inlaid\App\Store\NotFound;
use Inlaid\App\Store\RunBook;
use Inlaid\App\Studio\Improvised;
use Inlaid\App\Studio\TryImprovising;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/try', methods: 'POST')]
#[Describe(
    'Show what an improvised step would take and how it would look; stores nothing',
    takes: TryEntryRequest::class,
    gives: Improvised::class,
)]
final readonly class TryEntry
{
    public function __construct(private RunBook $runs, private TryImprovising $try)
    {
    }

    /**
     * @throws NotFound
     * @throws InvalidInput if the entry can't be kept
     */
    public function __invoke(string $id, TryEntryRequest $asked): Improvised
    {
        return $this->try->try($this->runs->get($id), $asked->event->json);
    }
}
