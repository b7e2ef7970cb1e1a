<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Runs\Data\EntriesRequest;
use Inlaid\App\Http\Runs\Data\EntriesResponse;
use Inlaid\App\Http\Runs\Data\EntryError;
use Inlaid\App\Store\RunBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/events', methods: 'POST')]
#[Describe('Add bench entries; a repeated entry changes nothing', takes: EntriesRequest::class, gives: EntriesResponse::class)]
final readonly class NoteEvents
{
    public function __construct(private RunBook $runs, private DescribeRuns $describe)
    {
    }

    public function __invoke(string $id, EntriesRequest $asked): EntriesResponse
    {
        $events = array_map(static fn (Document $e): mixed => $e->json, $asked->events);
        $refused = $this->runs->note($id, $events);

        $idOf = static fn (mixed $event): ?string => $event instanceof \stdClass && \is_string($event->id ?? null) ? $event->id : null;

        return new EntriesResponse(
            array_map(
                static fn (int $place, string $why): EntryError => new EntryError($place, $idOf($events[$place]), $why),
                array_keys($refused),
                $refused,
            ),
            $this->describe->one($this->runs->get($id)),
        );
    }
}
