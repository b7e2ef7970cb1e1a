<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\RunBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/events', methods: 'POST')]
#[Describe('Note what was done at the bench; each event for itself, and the same again changes nothing', takes: EventsToNote::class, gives: EventsNoted::class)]
final readonly class NoteEvents
{
    private const MOST = 500;

    public function __construct(private RunBook $runs, private DescribeRuns $describe)
    {
    }

    public function __invoke(string $id, Body $body): EventsNoted
    {
        $events = $body->read(static fn (Node $n): array => $n->fields('events')->list('events', static fn (Node $e): mixed => $e->raw(), self::MOST));
        $refused = $this->runs->note($id, $events);

        $idOf = static fn (mixed $event): ?string => $event instanceof \stdClass && \is_string($event->id ?? null) ? $event->id : null;

        return new EventsNoted(array_map(static fn (int $place, string $why): EventRefused => new EventRefused($place, $idOf($events[$place]), $why), array_keys($refused), $refused), $this->describe->one($this->runs->get($id)));
    }
}
