<?php

declare(strict_types=1);

namespace Inlaid\Core\NextMove;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Look\WorkOutLook;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Mixing\InvalidMix;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Surface\BuildSurface;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * Finds how far a step is to be thinned, and how often laid, so that a zone ends nearest to a colour: the whole recipe is worked out anew
 * for every rung of thinning and one to four coats.
 *
 * Of all within ½ ΔE of the nearest the one with the fewest coats is taken, of these the least thinned.
 */
final readonly class SolveThinning
{
    /** Parts of thinner to one of all the rest. */
    private const RUNGS = ['1/8', '1/4', '1/2', '1', '3/2', '2', '3', '4', '5', '6', '8', '10', '12', '16', '20'];
    private const MOST_COATS = 4;
    private const TIE = 0.5;

    public function __construct(
        private Practices $practices,
        private WorkOutSteps $steps = new WorkOutSteps(),
        private WorkOutLook $look = new WorkOutLook(),
    ) {
    }

    /**
     * @param \Closure(): bool $isOver whether the time is up
     *
     * @throws InvalidMix if the step has no mix with a thinner in it, does not touch the piece, or not such a zone
     */
    public function solve(Recipe $recipe, Step $step, Zone $zone, Colour $target, Context $context, \Closure $isOver): SolvePreview
    {
        $mix = $step->uses;
        $thinner = $mix instanceof Mixture ? self::thinner($mix) : null;
        $part = $recipe->piece->largest($step->touches(...));
        if (!$mix instanceof Mixture || null === $thinner || null === $part) {
            throw InvalidMix::nothingToThinWith();
        }
        if (!\in_array($zone, BuildSurface::zones($part->substrate), true)) {
            throw InvalidMix::nothingToLookAt($part->name);
        }
        $rungs = [];
        foreach (self::RUNGS as $ratio) {
            $shares = self::shares($mix, $thinner, BigRational::of($ratio));
            $thinned = Mixture::of(
                $mix->name,
                $mix->basis,
                array_map(static fn (Part $p, BigRational $share): Part => Part::of($share, $p->of), $mix->parts, $shares),
            );
            for ($coats = 1; $coats <= self::MOST_COATS; ++$coats) {
                if ([] !== $rungs && $isOver()) {
                    break 2;
                }
                $rungs[] = $this->rung(
                    recipe: $recipe,
                    step: $step,
                    mix: $thinned,
                    coats: $coats,
                    part: $part,
                    zone: $zone,
                    target: $target,
                    context: $context,
                    ratio: [BigRational::of($ratio), $shares],
                );
            }
        }

        return new SolvePreview(
            zone: $zone,
            target: $target->hex,
            part: $part->name,
            rungs: $rungs,
            best: self::best($rungs),
            complete: \count($rungs) === \count(self::RUNGS) * self::MOST_COATS,
        );
    }

    /**
     * @param array{BigRational, non-empty-list<BigRational>} $ratio parts of thinner to one of the rest, and the shares that make it
     */
    private function rung(
        Recipe $recipe,
        Step $step,
        Mixture $mix,
        int $coats,
        PiecePart $part,
        Zone $zone,
        Colour $target,
        Context $context,
        array $ratio,
    ): SolveRung {
        $changed = Step::of(
            id: $step->id,
            title: $step->title,
            technique: $step->technique,
            intent: $step->intent,
            parts: $step->parts,
            uses: $mix,
            coats: $coats,
            detail: $step->detail,
            wait: $step->wait,
            note: $step->note,
        );
        $tried = $recipe->withSteps(array_map(static fn (Step $s): Step => $s->id === $step->id ? $changed : $s, $recipe->steps));
        $works = $this->steps->doneOn(
            recipe: $tried,
            climate: $context->climate,
            habits: $context->habits($this->practices, $recipe),
            there: static fn (Step $s): bool => $s->touches($part),
        );
        $own = array_values(array_filter($works, static fn (StepCalculation $w): bool => $w->step->id === $step->id));
        $light = $this->look->zone($part, $works, $zone)->mean();
        $off = ColourDifference::ofLabs(Lab::ofLight($light), Lab::of($target));
        [$thinner, $shares] = $ratio;

        return new SolveRung(
            thinner: $thinner->toFloat(),
            said: '1 : '.ExactNumber::kitchen($thinner),
            shares: array_map(static fn (BigRational $s): string => (string) $s, $shares),
            coats: $coats,
            colour: $light->colour()->hex,
            deltaE: $off->deltaE,
            inWords: $off->inWords,
            over: true === ($own[0]->character ?? null)?->isOverThinned(),
        );
    }

    /**
     * @param non-empty-list<SolveRung> $rungs
     */
    private static function best(array $rungs): SolveRung
    {
        $nearest = min(\INF, ...array_map(static fn (SolveRung $r): float => $r->deltaE, $rungs));
        $good = array_values(array_filter($rungs, static fn (SolveRung $r): bool => $r->deltaE <= $nearest + self::TIE));
        usort($good, static fn (SolveRung $a, SolveRung $b): int => [$a->coats, $a->thinner] <=> [$b->coats, $b->thinner]);

        return $good[0];
    }

    /** Which part of a mix is its thinner. */
    private static function thinner(Mixture $mix): ?int
    {
        foreach ($mix->parts as $i => $part) {
            if ($part->of instanceof Material && $part->of->kind->thins()) {
                return $i;
            }
        }

        return null;
    }

    /**
     * The rest as it is, and so much thinner to it.
     *
     * @return non-empty-list<BigRational>
     */
    private static function shares(Mixture $mix, int $thinner, BigRational $ratio): array
    {
        $rest = BigRational::zero();
        foreach ($mix->parts as $i => $part) {
            $rest = $i === $thinner ? $rest : $rest->plus($part->share);
        }

        return array_map(
            static fn (Part $p, int $i): BigRational => ($i === $thinner ? $rest->multipliedBy($ratio) : $p->share)->simplified(),
            $mix->parts,
            array_keys($mix->parts),
        );
    }
}
