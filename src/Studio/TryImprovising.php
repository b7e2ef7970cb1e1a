<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\Document\ApplyChanges;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredRun;
use Inlaid\App\Store\RunBook;
use Inlaid\Core\Findings\AnalyseRecipe;
use Inlaid\Core\Findings\CheckRecipe;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Look\LookAfter;
use Inlaid\Core\Preview\Preview;
use Inlaid\Core\Preview\PreviewRecipe;
use Inlaid\Core\Preview\StepPreview;
use Inlaid\Core\Run\Event;
use Inlaid\Core\Run\EventKind;

/**
 * Works out a step that somebody is about to improvise at the bench, without keeping anything.
 */
final readonly class TryImprovising
{
    public function __construct(
        private RunBook $runs,
        private ReadRecipe $read,
        private ApplyChanges $changes,
        private StudioContext $context,
        private PreviewRecipe $preview,
        private AnalyseRecipe $analyse,
        private CheckRecipe $check,
    ) {
    }

    /**
     * @param mixed $json an entry
     *
     * @throws InvalidInput if it can't be kept, or improvises nothing
     */
    public function try(StoredRun $run, mixed $json): Improvised
    {
        $refused = $this->runs->refusals($run, [$json]);
        if ([] !== $refused) {
            throw InvalidInput::at('/event', $refused[0]);
        }
        $event = $this->runs->readEvent($json);
        if (!$event->kind->isImprovised()) {
            throw InvalidInput::at('/event/kind', 'Only what is improvised can be tried.');
        }
        $state = $this->runs->state($run);
        [$context] = $this->context->atPlace($run->place);
        $found = $this->check->check($this->analyse->analyse($this->runs->recipe($run, $state), $context));
        $with = $this->preview->preview(
            $this->read->read($this->changes->apply(Json::object($run->document), [...$state->changes, $event])),
            $context,
        );
        $id = EventKind::Improvised === $event->kind ? Event::improvised($event->id) : (string) $event->step;

        return new Improvised(
            self::step($with, $id),
            self::looks($with, $id),
            array_values(array_filter(
                Finding::brought($with->findings, $found),
                static fn (Finding $f): bool => \in_array($id, $f->steps, true),
            )),
        );
    }

    private static function step(Preview $preview, string $id): StepPreview
    {
        return array_values(array_filter($preview->steps, static fn (StepPreview $s): bool => $s->id === $id))[0]
            ?? throw InvalidInput::at('/event', 'The recipe of this job has no such step.');
    }

    /**
     * @return list<ImprovisedLook>
     */
    private static function looks(Preview $preview, string $id): array
    {
        $looks = [];
        foreach ($preview->stacks as $stack) {
            $at = array_search($id, array_map(static fn (LookAfter $a): ?string => $a->stepId, $stack->look->after), true);
            if (false !== $at && $at > 0) {
                $looks[] = new ImprovisedLook($stack->parts, $stack->look->after[$at - 1]->zones, $stack->look->after[$at]->zones);
            }
        }

        return $looks;
    }
}
