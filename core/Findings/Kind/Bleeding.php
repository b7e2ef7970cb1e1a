<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\MaterialRequirement;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;

/**
 * Something will bleed through.
 */
final class Bleeding implements Rule
{
    /** Lightness, 0 to 1, under which a stain is hardly seen. */
    private const NEAR_BLACK = 0.18;
    /** The share of a zone from which a mark is no speck. */
    private const SPECKS = 0.03;

    public function key(): string
    {
        return 'bleeding';
    }

    public function name(): string
    {
        return 'Something will bleed through';
    }

    public function reason(): string
    {
        return 'Tannin, resin, dyes, old stain and smoke rise into later coats. Each needs its own blocker.';
    }

    public function source(): string
    {
        return 'Coatings chemistry: what dissolves in water or solvent migrates through a film applied in either.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        if ($whole->habits->holds('stain-blocking', 'never')) {
            return;
        }
        $found = $whole->byStep(
            fn (PiecePart $part): ?StepCalculation => RecipeAnalysis::first(
                $whole->on($part),
                fn (StepCalculation $w): bool => [] !== $this->open($whole, $part, $w),
            ),
        );
        foreach ($found as [$work, $parts]) {
            $open = array_values(array_unique(
                array_merge(...array_map(fn (PiecePart $p): array => $this->open($whole, $p, $work), $parts)),
                \SORT_REGULAR,
            ));
            $weak = RecipeAnalysis::last(
                $whole->before($work, $parts[0]),
                static fn (StepCalculation $w): bool => RecipeAnalysis::lays($w) && self::blocks($w, $open),
            );
            $twice = [] !== array_filter($open, static fn (Bleed $b): bool => \in_array($b, [Bleed::Resin, Bleed::DyeWood], true));
            $isDark = self::lightness($work) < self::NEAR_BLACK;
            yield Finding::of(
                rule: $this,
                severity: $isDark ? Severity::Advise : Severity::Warn,
                steps: [$work->step->id],
                why: \sprintf(
                    null === $weak
                        ? '%s in %s will bleed into “%s”. No step blocks it.'
                        : '%s in %s will bleed into “%s”: the blocker is too thin, or rubbed through, and doesn\'t hold it.',
                    ucfirst(implode(' and ', array_map(static fn (Bleed $b): string => $b->inWords(), $open))),
                    implode(', ', array_map(static fn (PiecePart $p): string => $p->name, $parts)),
                    $work->step->name(),
                ).($isDark ? ' Hardly anybody will see it in so dark a colour.' : ''),
                remedies: null !== $weak && $weak->rounds() * $weak->weight->factor() < max(0.0, ...array_map(self::coats(...), $open)) ? [
                    new Remedy(
                        'twice',
                        \sprintf('Two coats of “%s”', $weak->step->name()),
                        Edit::change($weak->step->id, StepChange::coats(2), StepChange::weight(FilmWeight::Normal)),
                    ),
                ] : [
                    new Remedy(
                        'block',
                        null === $weak ? 'Add a stain-blocking primer' : 'Block it once more before',
                        Edit::insert(
                            new NewStep(
                                title: 'Stain-blocking primer',
                                technique: 'brushed',
                                parts: $whole->named($parts),
                                uses: MaterialRequirement::blocker($open),
                                coats: $twice ? 2 : 1,
                                wait: WaitUntil::Recoat,
                            ),
                            $work->step->id,
                        ),
                    ),
                ],
                school: 'stain-blocking',
            );
        }
    }

    /**
     * What rises from a part into a covering coat, with nothing to hold it back: no blocker, too little of it, or rubbed through.
     *
     * @return list<Bleed>
     */
    private function open(RecipeAnalysis $whole, PiecePart $part, StepCalculation $shows): array
    {
        if (!self::covers($shows)) {
            return [];
        }
        $bleeds = $part->substrate->bleeds;
        if ('coloured' === ($part->tests['rag'] ?? null) && [] === $bleeds) {
            $bleeds = [Bleed::OldStain];
        }

        return array_values(array_filter(
            $bleeds,
            fn (Bleed $b): bool => $this->rises($b, $shows) && !$this->isHeldBack(bleed: $b, whole: $whole, part: $part, shows: $shows),
        ));
    }

    /**
     * @param list<Bleed> $any
     */
    private static function blocks(StepCalculation $work, array $any): bool
    {
        return RecipeAnalysis::contains($work, static fn (Material $m): bool => [] !== array_filter(
            $any,
            static fn (Bleed $b): bool => \in_array($b, $m->blocks, true),
        ));
    }

    /** Normal coats that hold it back: resin and the dyes of wood come through one. */
    private static function coats(Bleed $bleed): float
    {
        return \in_array($bleed, [Bleed::Resin, Bleed::DyeWood], true) ? 1.4 : 0.7;
    }

    /**
     * A coat meant to hide the ground, in which a mark would be seen.
     */
    private static function covers(StepCalculation $work): bool
    {
        return RecipeAnalysis::lays($work) && Purpose::Hide === $work->step->intent->purpose && RecipeAnalysis::isOpaque($work);
    }

    /**
     * Tannin dissolves in water and is seen in pale colours; the others go into most things.
     */
    private function rises(Bleed $bleed, StepCalculation $work): bool
    {
        if (self::blocks($work, [$bleed])) {
            return false;
        }

        return Bleed::Tannin !== $bleed || RecipeAnalysis::isCarriedIn($work, Carrier::Water) && $this->isPale($work);
    }

    private function isPale(StepCalculation $work): bool
    {
        return self::lightness($work) > 0.45;
    }

    /** How light what is laid is, 0 to 1; 0 where nobody knows. */
    private static function lightness(StepCalculation $work): float
    {
        $light = $share = 0.0;
        foreach ($work->mix->leaves ?? [] as $leaf) {
            $hex = $leaf->material->look->colour?->hex;
            if (null !== $hex) {
                [$r, $g, $b] = array_map(hexdec(...), str_split(substr($hex, 1), 2));
                $light += $leaf->share * (0.2126 * $r + 0.7152 * $g + 0.0722 * $b) / 255;
                $share += $leaf->share;
            }
        }

        return $share > 0 ? $light / $share : 0.0;
    }

    /** Does enough of a blocker lie wherever it comes, or all but specks? */
    private function isHeldBack(Bleed $bleed, RecipeAnalysis $whole, PiecePart $part, StepCalculation $shows): bool
    {
        $blockers = [];
        foreach ($whole->before($shows, $part) as $work) {
            if (RecipeAnalysis::lays($work) && self::blocks($work, [$bleed])) {
                $blockers[$work->step->id] = $work->rounds() * $work->weight->factor();
            }
        }
        foreach ($whole->met($shows, $part) as $met) {
            foreach ([Zone::Field, Zone::Edge] as $zone) {
                $open = 0.0;
                foreach ($met->zone($zone)->patches as $patch) {
                    $open += $patch->left($blockers) < self::coats($bleed) ? $patch->share : 0.0;
                }
                if ($open >= self::SPECKS) {
                    return false;
                }
            }
        }

        return true;
    }
}
