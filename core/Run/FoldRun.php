<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

/**
 * Folds the events of a run into how far it has come.
 *
 * In the order of (device time, id), whatever order they came in, each once. What is begun, or done, once more (on another device) is begun
 * and done since the first time; what is retracted, and the retraction itself, is left out. A retraction may be retracted: then it is as if
 * it had not been.
 */
final class FoldRun
{
    /**
     * @param list<Event> $events
     */
    public function fold(array $events): RunState
    {
        $works = $skipped = $passed = $again = $poured = $notes = $air = $changes = [];
        $standing = $this->standing($events);
        foreach ($standing as $event) {
            $step = (string) $event->step;
            $key = $event->key();
            $before = $works[$key] ?? null;
            match ($event->kind) {
                EventKind::Started => $works[$key] = new WorkDone(
                    step: $step,
                    coat: $event->coat,
                    lay: $event->lay,
                    started: $before->started ?? $event->at,
                    finished: $before?->finished,
                    dried: $before?->dried,
                ),
                EventKind::Finished => $works[$key] = new WorkDone(
                    step: $step,
                    coat: $event->coat,
                    lay: $event->lay,
                    started: $before?->started,
                    finished: $before->finished ?? $event->at,
                    dried: $before?->dried,
                ),
                EventKind::Dried => null === $before?->finished
                    ? null
                    : $works[$key] = new WorkDone(
                        step: $step,
                        coat: $event->coat,
                        lay: $event->lay,
                        started: $before->started,
                        finished: $before->finished,
                        dried: $before->dried ?? $event->at,
                    ),
                EventKind::Poured => $poured[$step] = ($poured[$step] ?? 0.0) + (float) $event->ml,
                EventKind::Skipped => $skipped[$step] = $event->at,
                EventKind::Passed => [$passed[$step], $again[$step]] = [$event->coat, null],
                EventKind::Again => [$passed[$step], $again[$step]] = [null, max($event->coat, $again[$step] ?? 0)],
                EventKind::Note, EventKind::Colour => $notes[] = $event,
                EventKind::Climate => null === $event->climate ? null : $air[] = [$event->at, $event->climate],
                EventKind::More,
                EventKind::Mix,
                EventKind::Insert,
                EventKind::Instead,
                EventKind::Improvised,
                EventKind::Otherwise => $changes[] = $event,
                EventKind::Retract => null,
            };
        }

        return new RunState(
            works: $works,
            skipped: $skipped,
            passed: array_filter($passed),
            again: array_filter($again),
            poured: $poured,
            notes: $notes,
            air: $air,
            changes: $changes,
            last: $standing[\count($standing) - 1] ?? null,
        );
    }

    /**
     * @param list<Event> $events
     *
     * @return list<Event> in order, each once, without what is retracted
     */
    private function standing(array $events): array
    {
        $byId = array_column(array_map(static fn (Event $e): array => [$e->id, $e], $events), 1, 0);
        uasort($byId, static fn (Event $a, Event $b): int => $a->at <=> $b->at ?: strcmp($a->id, $b->id));
        $by = [];
        foreach ($byId as $event) {
            null === $event->retracts || $by[$event->retracts][] = $event->id;
        }

        return array_values(array_filter(
            $byId,
            fn (Event $e): bool => EventKind::Retract !== $e->kind && !$this->isRetracted($e->id, $by, []),
        ));
    }

    /**
     * By a retraction that is not retracted itself.
     *
     * @param array<string, list<string>> $by
     * @param array<string, true>         $asked against a ring of retractions
     */
    private function isRetracted(string $id, array $by, array $asked): bool
    {
        foreach (isset($asked[$id]) ? [] : $by[$id] ?? [] as $retraction) {
            if (!$this->isRetracted($retraction, $by, $asked + [$id => true])) {
                return true;
            }
        }

        return false;
    }
}
