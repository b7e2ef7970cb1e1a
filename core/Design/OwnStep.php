<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Brick\Math\BigRational;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Workmanship;

/**
 * What of a step of one's own can be varied without another material or another step, and how that is written back.
 */
final class OwnStep
{
    /**
     * Of a step of one's own: thinner or stronger, a coat more or less, by another hand, left longer or shorter; of the very materials it
     * has. Null where nothing of that shows.
     */
    public static function slot(Step $step): ?Slot
    {
        $uses = $step->uses;
        $with = $uses instanceof Mixture ? self::extenderOf($uses) : null;
        $part = $uses instanceof Mixture && null !== $with ? $uses->parts[$with] : null;
        $ratio = $uses instanceof Mixture && null !== $with ? $uses->parts[$with]->share->dividedBy($uses->rest($with)) : null;
        $ratio ??= BigRational::zero();
        $wiped = $step->profile->left < 1.0 && null !== $step->profile->wipedOn;
        $dwell = $wiped ? $step->detail->dwell : null;
        $hands = [$step->detail->hand, ...array_filter(Hand::cases(), static fn (Hand $h): bool => $h !== $step->detail->hand)];
        $pattern = static fn (Hand $h): Pattern => $step->technique->pattern(new Workmanship($h));
        $shows = [] !== array_filter($hands, static fn (Hand $h): bool => !$pattern($h)->leavesAs($pattern($hands[0])));
        $slot = new Slot(
            step: $step,
            materials: null === $uses ? [] : [$uses instanceof Mixture && null !== $with ? self::without($uses, $with) : $uses],
            extenders: [$part?->of instanceof Material ? $part->of : null],
            extenderFirst: 0 === $with,
            ratios: $ratio->isZero() ? [$ratio] : self::around($ratio),
            coats: null === $step->repeat && null !== $uses && null === $step->detail->blend
                ? array_values(array_unique([$step->coats, max(1, $step->coats - 1), min(Step::MOST_COATS, $step->coats + 1)]))
                : [$step->coats],
            hands: $shows ? $hands : [null],
            dwells: null === $dwell ? [null] : array_values(array_unique([$dwell, max(1, intdiv($dwell, 2)), 2 * $dwell])),
            mixes: false,
        );

        return $slot->isOpen() ? $slot : null;
    }

    /** Which of the parts only makes it thinner, a glaze, or softer. */
    private static function extenderOf(Mixture $mix): ?int
    {
        if (\count($mix->parts) < 2) {
            return null;
        }
        $thinner = $mix->thinner();
        foreach (null === $thinner ? $mix->parts : [] as $i => $part) {
            if ($part->of instanceof Material && LookKind::Clear === $part->of->look->kind) {
                return $i;
            }
        }

        return $thinner;
    }

    private static function without(Mixture $mix, int $but): Material|Mixture
    {
        $rest = array_values(array_filter($mix->parts, static fn (int $i): bool => $i !== $but, \ARRAY_FILTER_USE_KEY));

        return 1 === \count($rest) ? $rest[0]->of : Mixture::of($mix->name, $mix->basis, $rest);
    }

    /**
     * A half, two thirds, four thirds and twice as much, in quarters.
     *
     * @return non-empty-list<BigRational>
     */
    private static function around(BigRational $ratio): array
    {
        $all = [(string) $ratio => $ratio];
        foreach ([[1, 2], [2, 3], [4, 3], [2, 1]] as [$n, $d]) {
            $quarters = max(1, (int) round(4 * $ratio->toFloat() * $n / $d));
            $near = BigRational::nd($quarters, 4)->simplified();
            $all[(string) $near] = $near;
        }

        return array_values($all);
    }

    /**
     * What of a step of one's own is otherwise by a choice.
     *
     * @return list<Edit>
     */
    public static function edits(Slot $slot, Choice $choice): array
    {
        $changes = [];
        if ($slot->step->coats !== $coats = $slot->coats[$choice->coats]) {
            $changes[] = StepChange::coats($coats);
        }
        $hand = $slot->hands[$choice->hand];
        if (null !== $hand && $hand !== $slot->step->detail->hand) {
            $changes[] = StepChange::hand($hand);
        }
        $dwell = $slot->dwells[$choice->dwell];
        if (null !== $dwell && $dwell !== $slot->step->detail->dwell) {
            $changes[] = StepChange::dwell($dwell);
        }
        $edits = [] === $changes ? [] : [Edit::change($slot->step->id, ...$changes)];
        $uses = $slot->step->uses;
        $with = $uses instanceof Mixture ? self::extenderOf($uses) : null;
        $ratio = $slot->ratios[$choice->ratio];
        if ($uses instanceof Mixture && null !== $with && !$ratio->isEqualTo($slot->ratios[0])) {
            $share = $ratio->multipliedBy($uses->rest($with))->simplified();
            $edits[] = Edit::shares($slot->step->id, array_map(
                static fn (Part $p, int $i): string => (string) ($i === $with ? $share : $p->share),
                $uses->parts,
                array_keys($uses->parts),
            ));
        }

        return $edits;
    }
}
