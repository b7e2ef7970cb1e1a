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
 * Finds how much of one part of a mix is to go to the rest of it so that a zone ends nearest to a colour: water in a wash, clear wax in
 * dark, conditioner or another stain in a stain, a tint in primer, black in white. The whole recipe is worked out anew for every rung;
 * where the part is a thinner, for one to four coats each.
 *
 * Of all within ½ ΔE of the nearest the one with the fewest coats is taken, of these that with the least of the part.
 */
final readonly class SolveMix
{
    /** Parts to one of all the rest, of a thinner; and of anything else, from a few drops on. */
    private const THINNED = ['1/8', '1/4', '1/2', '1', '3/2', '2', '3', '4', '5', '6', '8', '10', '12', '16', '20'];
    private const MIXED = [
        '1/200', '1/100', '1/60', '1/40', '1/25', '1/16', '1/12', '1/8', '1/6', '1/4', '1/3', '1/2', '2/3',
        '1', '3/2', '2', '3', '4', '6', '8', '12', '20', '50',
    ];
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
     * @param int|null         $vary   which part of the mix; its thinner, or else its last, where null
     * @param string|null      $place  a part of the piece, or with a colon a face or field of it; the largest part where null
     *
     * @throws InvalidMix if the step has no mix of several parts, does not touch the place, or that has no such zone
     */
    public function solve(
        Recipe $recipe,
        Step $step,
        Zone $zone,
        Colour $target,
        Context $context,
        \Closure $isOver,
        ?int $vary = null,
        ?string $place = null,
    ): SolvePreview {
        $mix = $step->uses;
        [$id, $face] = [...explode(':', $place ?? '', 2), ''];
        $part = $recipe->piece->largest(
            static fn (PiecePart $p): bool => (null === $place || $p->id === $id)
                && ('' === $face ? $step->touches($p) : $step->touchesFace($p, $face)),
        );
        if (!$mix instanceof Mixture || 2 > \count($mix->parts) || null === $part || !isset($mix->parts[$vary ??= self::usual($mix)])) {
            throw InvalidMix::nothingToVary();
        }
        $of = $mix->parts[$vary]->of;
        $thins = $of instanceof Material && $of->kind->thins();
        if (!\in_array($zone, BuildSurface::zones($part->substrate), true)) {
            throw InvalidMix::nothingToLookAt($part->name);
        }
        $rungs = [];
        $ladder = $thins ? self::THINNED : self::MIXED;
        $often = $thins ? range(1, self::MOST_COATS) : [$step->coats];
        foreach ($ladder as $ratio) {
            $shares = self::shares($mix, $vary, BigRational::of($ratio));
            $mixed = Mixture::of(
                $mix->name,
                $mix->basis,
                array_map(static fn (Part $p, BigRational $share): Part => Part::of($share, $p->of), $mix->parts, $shares),
            );
            foreach ($often as $coats) {
                if ([] !== $rungs && $isOver()) {
                    break 2;
                }
                $rungs[] = $this->rung(
                    recipe: $recipe,
                    step: $step,
                    mix: $mixed,
                    coats: $coats,
                    part: $part,
                    face: $face,
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
            varies: $of->name,
            rungs: $rungs,
            best: self::best($rungs),
            complete: \count($rungs) === \count($ladder) * \count($often),
        );
    }

    /**
     * @param array{BigRational, non-empty-list<BigRational>} $ratio parts to one of the rest, and the shares that make it
     */
    private function rung(
        Recipe $recipe,
        Step $step,
        Mixture $mix,
        int $coats,
        PiecePart $part,
        string $face,
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
            there: static fn (Step $s): bool => '' === $face ? $s->touches($part) : $s->touchesFace($part, $face),
        );
        $own = array_values(array_filter($works, static fn (StepCalculation $w): bool => $w->step->id === $step->id));
        $light = $this->look->zone(part: $part, works: $works, zone: $zone, face: $face)->mean();
        $off = ColourDifference::ofLabs(Lab::ofLight($light), Lab::of($target));
        [$parts, $shares] = $ratio;

        return new SolveRung(
            ratio: $parts->toFloat(),
            said: self::said($parts),
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
        usort($good, static fn (SolveRung $a, SolveRung $b): int => [$a->coats, $a->ratio] <=> [$b->coats, $b->ratio]);

        return $good[0];
    }

    /** Which part of a mix one varies, if nobody says: its thinner, or what was added last. */
    private static function usual(Mixture $mix): int
    {
        return $mix->thinner() ?? \count($mix->parts) - 1;
    }

    /** All the rest first: "1 : 3", or "20 : 1" where there is more of it. */
    private static function said(BigRational $parts): string
    {
        return $parts->isLessThan(1)
            ? ExactNumber::kitchen($parts->reciprocal()).' : 1'
            : '1 : '.ExactNumber::kitchen($parts);
    }

    /**
     * The rest as it is, and so much of one part to it.
     *
     * @return non-empty-list<BigRational>
     */
    private static function shares(Mixture $mix, int $vary, BigRational $ratio): array
    {
        $rest = $mix->rest($vary);

        return array_map(
            static fn (Part $p, int $i): BigRational => ($i === $vary ? $rest->multipliedBy($ratio) : $p->share)->simplified(),
            $mix->parts,
            array_keys($mix->parts),
        );
    }
}
