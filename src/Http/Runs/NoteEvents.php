<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\RunBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/events', methods: 'POST')]
#[Describe('Add bench entries; a repeated entry changes nothing', takes: EntriesRequest::class, gives: EntriesResponse::class)]
final readonly class NoteEvents
{
    private const MOST = 500;

    public function __construct(private RunBook $runs, private DescribeRuns $describe)
    {
    }

    public function __invoke(string $id, Body $body): EntriesResponse
    {
        $events = $body->read(static fn (Node $n): array => $n->fields('events')->list(
            'events',
            static fn (Node $e): mixed => $e->raw(),
            self::MOST,
        ));
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
