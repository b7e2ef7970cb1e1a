<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Piece\Joint;
use Inlaid\Core\Piece\JointSide;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Work\StepCalculation;

/**
 * Works out what films and swelling leave of the gap of every moving joint.
 *
 * gap = clearance − Σ dry film on the faces that are coated − swelling ÷ number of gaps that share it; swelling = width
 * across the grain × movement of the wood × the season's swing of moisture. Two films that touch stick to one another
 * (block) until they have cured, however wide the gap is at rest.
 */
final readonly class WorkOutFit
{
    /**
     * @param list<StepCalculation> $works
     * @param list<StackPreview>    $stacks
     * @param array<string, int>    $cured  when the films of each step have cured, as seconds since 1970
     *
     * @return list<JointPreview>
     */
    public function fit(Recipe $recipe, array $works, array $stacks, array $cured, \DateTimeZone $zone): array
    {
        return array_map(
            fn (Joint $j): JointPreview => $this->joint(
                joint: $j,
                piece: $recipe->piece,
                works: $works,
                stacks: $stacks,
                apartUntil: $this->apartUntil(joint: $j, piece: $recipe->piece, works: $works, cured: $cured, zone: $zone),
            ),
            $recipe->piece->joints,
        );
    }

    /**
     * @param list<StepCalculation> $works
     * @param list<StackPreview>    $stacks
     */
    private function joint(Joint $joint, Piece $piece, array $works, array $stacks, ?string $apartUntil): JointPreview
    {
        $wood = $piece->part($joint->moving->part)->substrate;
        $swelling = $joint->across * $wood->moves / 100 * $piece->use->place->swing() / $joint->kind->gaps();
        $bare = $joint->clearance - $swelling;
        $steps = [];
        $binds = $bare < $joint->least - 1e-9 ? '' : null;
        [$moving, $fixed] = [self::films($joint->moving, $stacks), self::films($joint->fixed, $stacks)];
        $films = $onMoving = $onFixed = 0.0;
        foreach ($works as $work) {
            $id = $work->step->id;
            if (!isset($moving[$id]) && !isset($fixed[$id])) {
                continue;
            }
            $films = ($onMoving = $moving[$id] ?? $onMoving) + ($onFixed = $fixed[$id] ?? $onFixed);
            $steps[] = new FitStep($id, round($films, 2), round($bare - $films / 1000, 3));
            $binds ??= $bare - $films / 1000 < $joint->least - 1e-9 ? $id : null;
        }
        $left = $bare - $films / 1000;

        return new JointPreview(
            id: $joint->id,
            name: $joint->name,
            kind: $joint->kind->inWords(),
            clearance: $joint->clearance,
            least: $joint->least,
            swelling: round($swelling, 3),
            left: round($left, 3),
            steps: $steps,
            bindsAfter: $binds,
            remedies: $left < $joint->least - 1e-9
                ? $this->remedies(joint: $joint, piece: $piece, works: $works, left: $left, onMoving: $onMoving, onFixed: $onFixed)
                : [],
            apartUntil: $apartUntil,
        );
    }

    private function touches(StepCalculation $work, JointSide $side, Piece $piece): bool
    {
        return $side->coated && $work->step->touchesFace($piece->part($side->part), $side->face);
    }

    /**
     * µm of dry film on one side after each of the steps that touch it.
     *
     * @param list<StackPreview> $stacks
     *
     * @return array<string, float> by the id of the step, in order
     */
    private static function films(JointSide $side, array $stacks): array
    {
        $films = [];
        foreach ($side->coated ? $stacks : [] as $stack) {
            if (\in_array("$side->part:$side->face", $stack->places, true)) {
                foreach ($stack->laid()->doings as $i => $doing) {
                    $films[$doing->id] = $stack->laid()->met($i + 1)->filmDepth();
                }
            }
        }

        return $films;
    }

    /**
     * @param list<StepCalculation> $works
     * @param float                 $onMoving µm of dry film
     *
     * @return list<FitRemedy>
     */
    private function remedies(Joint $joint, Piece $piece, array $works, float $left, float $onMoving, float $onFixed): array
    {
        $remedies = [];
        foreach ([
            [FitEdit::MovingBare, $joint->moving, $onMoving],
            [FitEdit::FixedBare, $joint->fixed, $onFixed],
        ] as [$edit, $side, $film]) {
            $part = $piece->part($side->part);
            if ($film > 0) {
                $remedies[] = [
                    $edit,
                    null,
                    \sprintf('Leave the %s of “%s” uncoated', mb_strtolower($part->surface->faces[$side->face][0]->name), $part->name),
                    $left + $film / 1000,
                ];
            }
        }
        $thickest = $this->thickest($joint, $piece, $works);
        if (null !== $thickest) {
            [$work, $each] = $thickest;
            $remedies[] = [
                FitEdit::FewerCoats,
                $work->step->id,
                \sprintf('One coat less of “%s”', $work->step->name()),
                $left + $each / 1000,
            ];
        }
        $off = ceil(($joint->least - $left) * 100 - 1e-9) / 100;
        $remedies[] = [FitEdit::TakeOff, null, \sprintf('Remove %s mm before the first coat', ExactNumber::plain($off)), $left + $off];
        usort($remedies, static fn (array $a, array $b): int => $b[3] <=> $a[3]);

        return array_map(
            static fn (array $r): FitRemedy => new FitRemedy(
                edit: $r[0],
                stepId: $r[1],
                text: $r[2],
                gap: round($r[3], 3),
                enough: $r[3] >= $joint->least - 1e-9,
            ),
            $remedies,
        );
    }

    /**
     * The step whose single coat takes most of the gap, and µm of it on both sides together.
     *
     * @param list<StepCalculation> $works
     *
     * @return array{StepCalculation, float}|null
     */
    private function thickest(Joint $joint, Piece $piece, array $works): ?array
    {
        $best = null;
        foreach ($works as $work) {
            $sides = (int) $this->touches($work, $joint->moving, $piece) + (int) $this->touches($work, $joint->fixed, $piece);
            $each = $sides * ($work->film->dry ?? 0.0);
            if ($each > ($best[1] ?? 0.0)) {
                $best = [$work, $each];
            }
        }

        return $best;
    }

    /**
     * @param list<StepCalculation> $works
     * @param array<string, int>    $cured when the films of each step have cured, as seconds since 1970
     */
    private function apartUntil(Joint $joint, Piece $piece, array $works, array $cured, \DateTimeZone $zone): ?string
    {
        if (!$joint->moving->coated || !$joint->fixed->coated) {
            return null;
        }
        $films = array_filter(
            $works,
            fn (StepCalculation $w): bool => ($w->film->dry ?? 0.0) > 1.0
                && ($this->touches($w, $joint->moving, $piece) || $this->touches($w, $joint->fixed, $piece)),
        );
        $until = max([0, ...array_map(static fn (StepCalculation $w): int => $cured[$w->step->id] ?? 0, $films)]);

        return 0 === $until ? null : (new \DateTimeImmutable('@'.$until))->setTimezone($zone)->format(\DATE_ATOM);
    }
}
