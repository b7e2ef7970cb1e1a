<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\App\Exchange\Json;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Run\Event;
use Inlaid\Core\Run\EventKind;

/**
 * The recipe of a run as it has become at the bench: a coat more, another mix, a step once more in between, the last resort done
 * instead, something nobody planned, or a step with another hand or on a share.
 */
final class ApplyChanges
{
    /** What of a step may be decided at the bench. */
    private const MAY_CHANGE = [
        'hand',
        'weight',
        'within',
        'share',
        'chosen',
        'tool',
        'strokes',
        'where',
        'wiping',
        'left',
        'dwell',
        'sections',
        'note',
    ];

    /**
     * @param \stdClass   $document left as it is
     * @param list<Event> $changes  in order; one that finds no step it is about changes nothing
     */
    public function apply(\stdClass $document, array $changes): \stdClass
    {
        $doc = Json::copy($document);
        foreach ($changes as $change) {
            $steps = array_column(
                array_map(static fn (\stdClass $s): array => [\is_string($s->id) ? $s->id : '', $s], Json::objects($doc, 'steps')),
                1,
                0,
            );
            if (EventKind::Improvised === $change->kind) {
                StepList::improvise(
                    doc: $doc,
                    does: Json::object((string) $change->does),
                    id: Event::improvised($change->id),
                    before: $change->before,
                );
                continue;
            }
            $step = $steps[Step::documentId($change->step ?? '')] ?? null;
            if (null === $step) {
                continue;
            }
            match ($change->kind) {
                EventKind::More => $step->coats = (\is_int($step->coats ?? null) ? $step->coats : 1) + 1,
                EventKind::Mix => isset($steps[$change->of ?? '']->uses) ? $step->uses = $steps[$change->of]->uses : null,
                EventKind::Insert => $doc->steps = StepList::placed(
                    array_values($steps),
                    StepList::once($step, self::inserted($change->id)),
                    $change->before,
                ),
                EventKind::Instead => self::instead($step, $change->coat),
                EventKind::Otherwise => self::otherwise($step, Json::object((string) $change->does)),
                default => null,
            };
        }

        return $doc;
    }

    /** The id of the step that an event put in. */
    public static function inserted(string $event): string
    {
        return 'b-'.hash('xxh64', $event);
    }

    /** What of a step is decided at the bench; null for what is as usual. */
    public static function otherwise(\stdClass $step, \stdClass $does): void
    {
        foreach (self::MAY_CHANGE as $field) {
            if (($does->step ?? null) instanceof \stdClass && property_exists($does->step, $field)) {
                if (null === $does->step->{$field}) {
                    unset($step->{$field});
                } else {
                    $step->{$field} = $does->step->{$field};
                }
            }
        }
    }

    /** It was not so even after so many rounds: what was kept for that is done as any other step. */
    private static function instead(\stdClass $step, int $rounds): void
    {
        if (isset($step->repeat)) {
            unset($step->repeat);
            $step->coats = $rounds;
        }
    }
}
