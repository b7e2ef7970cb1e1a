<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\NameColour;
use Inlaid\Core\Optics\ColourantKind;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Target;
use Inlaid\Core\Surface\LaidFilm;
use Inlaid\Core\Surface\LaidSurface;
use Inlaid\Core\Surface\Patch;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;

/**
 * Puts the look of a stack into colours, shares and words.
 */
final readonly class DescribeLook
{
    private const AGES = [1, 5];
    /** Less than this nobody sees. */
    private const SEEN = 0.05;
    /** From aside flakes throw back about half of what they do from the front; typical. */
    private const GLANCING = 0.5;

    public function __construct(private JudgeLook $judge = new JudgeLook())
    {
    }

    /**
     * Coats are judged as if nobody touched up: that hides nothing, and nobody looks for it.
     *
     * @param list<StepCalculation> $works one for each doing
     */
    public function describe(LaidSurface $look, array $works, ?Target $target = null): LookPreview
    {
        $coats = array_values(array_filter($works, static fn (StepCalculation $w): bool => !$w->step->isTouchUp()));
        $judged = \count($coats) === \count($works) ? $look : $look->only(
            array_map(static fn (StepCalculation $w): string => $w->step->id, $coats),
        );
        $seen = array_keys(array_filter($coats, static fn (StepCalculation $w): bool => Purpose::Functional !== $w->step->intent->purpose));
        $hiding = array_keys(array_filter($coats, static fn (StepCalculation $w): bool => Purpose::Hide === $w->step->intent->purpose));

        return new LookPreview(
            after: [
                $this->begin($look),
                ...array_map(
                    fn (StepCalculation $w, int $i): LookAfter => new LookAfter(
                        $w->step->id,
                        array_map(fn (Zone $z): ZoneLook => $this->zone($z, $look->after($i, $z), $look->ahead($i, $z)), $look->zones()),
                    ),
                    $works,
                    array_keys($works),
                ),
            ],
            effects: $this->judge->effects($judged, $seen),
            softened: $this->judge->softened(
                $judged,
                array_values(array_diff($seen, $hiding)),
                array_values(array_diff(array_keys($coats), $hiding, self::covering($coats))),
            ),
            hides: array_values(array_filter(array_map(fn (int $i): ?LookHides => $this->judge->hides($judged, $i), $hiding))),
            depths: $this->depths($look->end(Zone::Field)),
            ages: $this->ages($look),
            target: null === $target ? [] : $this->target($look, $target),
            blends: array_values(array_filter(array_map(fn (int $i): ?LookBlend => $this->judge->blend($look, $i), array_keys($works)))),
        );
    }

    /**
     * Steps whose business it is to cover or clear what was there: primers, fillers and all that is sanded.
     *
     * @param list<StepCalculation> $works
     *
     * @return list<int>
     */
    private static function covering(array $works): array
    {
        return array_keys(array_filter(
            $works,
            static fn (StepCalculation $w): bool => Purpose::Functional === $w->step->intent->purpose || !$w->lays(),
        ));
    }

    /**
     * Only how it ends.
     *
     * @param StepCalculation|null $last the last step
     */
    public function end(LaidSurface $look, ?StepCalculation $last, ?Target $target = null): LookPreview
    {
        $after = [$this->begin($look)];
        if (null !== $last) {
            $after[] = new LookAfter(
                $last->step->id,
                array_map(fn (Zone $z): ZoneLook => $this->zone($z, $look->end($z), $look->before($z)), $look->zones()),
            );
        }

        return new LookPreview(
            after: $after,
            effects: [],
            hides: [],
            depths: [],
            ages: [],
            target: null === $target ? [] : $this->target($look, $target),
            blends: [],
            isWhole: false,
        );
    }

    private function begin(LaidSurface $look): LookAfter
    {
        return new LookAfter(null, array_map(fn (Zone $z): ZoneLook => $this->zone($z, $look->before($z), null), $look->zones()));
    }

    private function zone(Zone $zone, ZoneState $state, ?ZoneState $before): ZoneLook
    {
        return new ZoneLook(
            zone: $zone,
            colour: $state->mean()->colour()->hex,
            called: NameColour::of(Lab::ofLight($state->mean())),
            contrast: round($state->contrast(), 2),
            change: null === $before ? null : $this->change($before, $state),
            colours: array_map(static fn (Patch $p): string => $p->hex(), $state->patches),
            shares: array_map(static fn (Patch $p): float => round($p->share, 6), $state->patches),
            divided: $state->divided,
            spread: $state->spread,
            way: $state->way,
            rehomed: round($state->rehomed, 4),
            isBeyondScreen: [] !== array_filter($state->patches, static fn (Patch $p): bool => !$p->light()->canBeShown()),
            glances: $this->glances($state),
        );
    }

    private function change(ZoneState $before, ZoneState $now): ?LookChange
    {
        $difference = ColourDifference::ofLabs(Lab::ofLight($now->mean()), Lab::ofLight($before->mean()));

        return $difference->deltaE < self::SEEN ? null : new LookChange($difference->deltaE, $difference->inWords);
    }

    private function glances(ZoneState $state): ?string
    {
        $flakes = array_values(array_filter(
            $state->patches,
            static fn (Patch $p): bool => ColourantKind::Flake === self::top($p)?->of->kind,
        ));
        if ([] === $flakes) {
            return null;
        }

        return (
            new ZoneState($flakes)
        )->mean()->times(self::GLANCING / array_sum(array_map(static fn (Patch $p): float => $p->share, $flakes)))->colour()->hex;
    }

    private static function top(Patch $patch): ?LaidFilm
    {
        foreach (array_reverse($patch->films) as $film) {
            if (ColourantKind::Clear !== $film->of->kind) {
                return $film;
            }
        }

        return null;
    }

    /**
     * In the largest patch: every film from above, while there is one.
     *
     * @return list<LookAtDepth>
     */
    private function depths(ZoneState $state): array
    {
        $largest = $state->largest();
        $depths = [];
        $from = 0.0;
        foreach (array_reverse($largest->films) as $film) {
            $depths[] = new LookAtDepth(round($from, 2), $film->stepId, $largest->without($from)->light()->colour()->hex);
            $from += $film->depth();
        }
        $depths[] = new LookAtDepth(round($from, 2), null, $largest->without($from + 1e-6)->light()->colour()->hex);

        return $depths;
    }

    /**
     * How far every zone of a target is from it in the end.
     *
     * @return list<LookTarget>
     */
    public function target(LaidSurface $look, Target $target): array
    {
        $off = [];
        foreach ($look->zones() as $zone) {
            $colour = $target->colours[$zone->value] ?? null;
            if (null !== $colour) {
                $difference = ColourDifference::ofLabs(Lab::ofLight($look->end($zone)->mean()), Lab::of($colour));
                $off[] = new LookTarget(zone: $zone, colour: $colour->hex, deltaE: $difference->deltaE, inWords: $difference->inWords);
            }
        }

        return $off;
    }

    /**
     * @return list<LookAgeing>
     */
    private function ages(LaidSurface $look): array
    {
        $ages = [];
        foreach ($look->zones() as $zone) {
            $state = $look->end($zone);
            $ambers = [] !== array_filter(
                $state->patches,
                static fn (Patch $p): bool => [] !== array_filter($p->films, static fn (LaidFilm $f): bool => $f->of->yellows > 0.0),
            );
            foreach ($ambers ? self::AGES : [] as $years) {
                $then = $state->mean((float) $years);
                $difference = ColourDifference::ofLabs(Lab::ofLight($then), Lab::ofLight($state->mean()));
                $ages[] = new LookAgeing(
                    zone: $zone,
                    years: $years,
                    colour: $then->colour()->hex,
                    deltaE: $difference->deltaE,
                    inWords: $difference->inWords,
                );
            }
        }

        return $ages;
    }
}
