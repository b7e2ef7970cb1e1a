<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Layout\Kind\Sheets;
use Inlaid\Core\Measure\Duration;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;

/**
 * Something is laid, rubbed or taped onto a film that isn't ready for it.
 */
final class TooSoon implements Rule
{
    /** The share of a zone from which a film on it counts. */
    private const SOME = 0.03;

    public function key(): string
    {
        return 'too-soon';
    }

    public function name(): string
    {
        return 'Coat isn\'t ready for the next step';
    }

    public function reason(): string
    {
        return 'A coat on a wet coat drags, wrinkles or stays soft. Paper clogs in it and tape pulls it off.';
    }

    public function source(): string
    {
        return 'Coatings science: solvent shut in by the next film; the times on the label.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        $found = [];
        foreach ($whole->works as $work) {
            foreach ($whole->recipe->piece->parts as $part) {
                $until = $this->until($work, $part);
                if (null === $until) {
                    continue;
                }
                foreach ($this->below($whole, $work, $part) as $below) {
                    $waited = $this->waited(whole: $whole, work: $work, below: $below, until: $until);
                    if (null !== $waited) {
                        $found[$below->number][$work->number] = [$work, $until, $waited];
                    }
                }
            }
        }
        ksort($found);
        foreach ($found as $number => $early) {
            ksort($early);
            yield $this->finding($whole->works[$number - 1], array_values($early));
        }
    }

    /** How dry a film of a part must be for a step; null where it does nothing to one, or is meant for a wet one. */
    private function until(StepCalculation $work, PiecePart $part): ?WaitUntil
    {
        $touches = $work->step->touches($part);

        return match (true) {
            !$work->isDone() => null,
            !$touches => \in_array($part->id, $work->step->detail->masks, true) ? WaitUntil::Touch : null,
            $work->step->detail->layout instanceof Sheets && !$work->can(Ability::SticksDry),
            $work->can(Ability::GoesIntoWet) => null, // it is laid into a wet coat
            null !== $work->film, $work->can(Ability::LaysDown) => WaitUntil::Recoat,
            Effect::Handles === $work->step->profile->effect => WaitUntil::Touch,
            $work->can(Ability::Sands, Ability::Scuffs, Ability::WearsDry) => WaitUntil::Recoat,
            $work->can(Ability::WearsWet, Ability::ReleasesResist) => WaitUntil::Touch,
            default => null,
        };
    }

    /**
     * The films that lie on top where it comes.
     *
     * @return list<StepCalculation>
     */
    private function below(RecipeAnalysis $whole, StepCalculation $work, PiecePart $part): array
    {
        $below = [];
        foreach ($whole->met($work, $part) as $met) {
            foreach ([Zone::Field, Zone::Edge] as $zone) {
                foreach ($met->tops($zone) as $stepId => $share) {
                    $top = $share < self::SOME ? null : $whole->work((string) $stepId);
                    if (null !== $top) {
                        $below[$top->number] = $top;
                    }
                }
            }
        }

        return array_values($below);
    }

    /** Minutes that a step waits, where these are too few; oil on water, or water on oil, has a rule of its own. */
    private function waited(RecipeAnalysis $whole, StepCalculation $work, StepCalculation $below, WaitUntil $until): ?int
    {
        $waited = $whole->minutesBetween($below, $work);
        $needs = $this->needs($below, $until);

        return null === $waited
            || null === $needs
            || $waited >= $needs - RecipeAnalysis::A_MINUTE
            || $waited < 0
            || $this->isWetInWet($work, $below, $waited)
            || RecipeAnalysis::lays($work) && RecipeAnalysis::isOilOnWater($work, $below)
            ? null
            : $waited;
    }

    private function needs(StepCalculation $below, WaitUntil $until): ?int
    {
        return WaitUntil::Touch === $until ? $below->drying?->touch->planned : $below->drying?->recoat->planned;
    }

    /**
     * @param non-empty-list<array{StepCalculation, WaitUntil, int}> $early steps that come too soon, what each needs, and minutes it waits
     */
    private function finding(StepCalculation $below, array $early): Finding
    {
        $ruins = array_filter($early, static fn (array $e): bool => WaitUntil::Recoat === $e[1] && null !== $e[0]->film
            && $e[2] < ($below->drying->touch->planned ?? 0) - RecipeAnalysis::A_MINUTE);
        $until = \in_array(WaitUntil::Recoat, array_column($early, 1), true) ? WaitUntil::Recoat : WaitUntil::Touch;
        [$first] = $early;

        return Finding::of(
            rule: $this,
            severity: [] !== $ruins ? Severity::Stop : Severity::Warn,
            steps: [...array_map(static fn (array $e): string => $e[0]->step->id, $early), $below->step->id],
            why: \sprintf(
                '“%s” comes %s after “%s”, which needs %s.%s',
                $first[0]->step->name(),
                Duration::inWords($first[2]),
                $below->step->name(),
                Duration::inWords((int) $this->needs($below, $first[1])),
                1 === \count($early) ? '' : \sprintf(
                    ' %s %s too soon as well.',
                    RecipeAnalysis::names(array_column(\array_slice($early, 1), 0)),
                    2 === \count($early) ? 'comes' : 'come',
                ),
            ),
            remedies: [
                new Remedy(
                    'wait',
                    WaitUntil::Touch === $until ? 'Wait until it is touch-dry' : 'Wait until it can be recoated',
                    Edit::change($below->step->id, StepChange::wait($until)),
                ),
            ],
        );
    }

    /** Two loose coats, the second while the first is open, are one wet work. */
    private function isWetInWet(StepCalculation $work, StepCalculation $below, int $waited): bool
    {
        return $waited <= ($below->drying->openTime->planned ?? 0) && $work->step->isLoose() && $below->step->isLoose();
    }
}
