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
use Inlaid\Core\Work\StepCalculation;

/**
 * Something will bleed through.
 */
final class Bleeding implements Rule
{
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
            fn (PiecePart $part): ?StepCalculation => [] === $this->open($whole, $part) ? null : RecipeAnalysis::first(
                $whole->on($part),
                self::covers(...),
            ),
        );
        foreach ($found as [$work, $parts]) {
            $open = array_values(array_unique(
                array_merge(...array_map(fn (PiecePart $p): array => $this->open($whole, $p), $parts)),
                \SORT_REGULAR,
            ));
            $weak = RecipeAnalysis::last(
                $whole->before($work, $parts[0]),
                static fn (StepCalculation $w): bool => RecipeAnalysis::lays($w)
                    && RecipeAnalysis::contains($w, static fn (Material $m): bool => [] !== array_uintersect(
                        $open,
                        $m->blocks,
                        static fn (Bleed $a, Bleed $b): int => $a->value <=> $b->value,
                    )),
            );
            $twice = [] !== array_filter($open, static fn (Bleed $b): bool => \in_array($b, [Bleed::Resin, Bleed::DyeWood], true));
            yield Finding::of(
                rule: $this,
                severity: Severity::Warn,
                steps: [$work->step->id],
                why: \sprintf(
                    null === $weak
                        ? '%s in %s will bleed into “%s”. No step blocks it.'
                        : '%s in %s will bleed into “%s”: one thin coat of blocker doesn\'t hold it.',
                    ucfirst(implode(' and ', array_map(static fn (Bleed $b): string => $b->inWords(), $open))),
                    implode(', ', array_map(static fn (PiecePart $p): string => $p->name, $parts)),
                    $work->step->name(),
                ),
                remedies: null !== $weak ? [
                    new Remedy(
                        'twice',
                        \sprintf('Two coats of “%s”', $weak->step->name()),
                        Edit::change($weak->step->id, StepChange::coats(2), StepChange::weight(FilmWeight::Normal)),
                    ),
                ] : [
                    new Remedy(
                        'block',
                        'Add a stain-blocking primer',
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
     * What rises from a part into its first covering coat, with nothing to hold it back.
     *
     * @return list<Bleed>
     */
    private function open(RecipeAnalysis $whole, PiecePart $part): array
    {
        $shows = RecipeAnalysis::first($whole->on($part), self::covers(...));
        $bleeds = $part->substrate->bleeds;
        if ('coloured' === ($part->tests['rag'] ?? null) && [] === $bleeds) {
            $bleeds = [Bleed::OldStain];
        }

        return null === $shows
            ? []
            : array_values(array_filter(
                $bleeds,
                fn (Bleed $b): bool => $this->rises($b, $shows) && !$this->isHeldBack($b, $whole->before($shows, $part)),
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
        if (RecipeAnalysis::contains($work, static fn (Material $m): bool => \in_array($bleed, $m->blocks, true))) {
            return false;
        }

        return Bleed::Tannin !== $bleed || RecipeAnalysis::isCarriedIn($work, Carrier::Water) && $this->isPale($work);
    }

    private function isPale(StepCalculation $work): bool
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

        return $share > 0 && $light / $share > 0.45;
    }

    /**
     * @param list<StepCalculation> $before
     */
    private function isHeldBack(Bleed $bleed, array $before): bool
    {
        $coats = 0;
        foreach ($before as $work) {
            $blocks = RecipeAnalysis::lays($work)
                && RecipeAnalysis::contains($work, static fn (Material $m): bool => \in_array($bleed, $m->blocks, true));
            $coats += $blocks ? $work->rounds() * $work->weight->factor() : 0;
        }

        return $coats >= self::coats($bleed);
    }
}
