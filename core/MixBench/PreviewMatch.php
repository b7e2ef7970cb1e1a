<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\MatchColour;
use Inlaid\Core\Colour\MatchedMix;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\BatchLine;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\InvalidMix;
use Inlaid\Core\Mixing\MakeBatch;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Optics\DeriveOptics;
use Inlaid\Core\Optics\TintingStrength;
use Inlaid\Core\Recipe\DescribeStep;

/**
 * Finds the mix of some paints that comes nearest to a colour.
 */
final readonly class PreviewMatch
{
    public const MOST = 12;

    public function __construct(
        private DeriveOptics $optics = new DeriveOptics(),
        private FlattenMix $flatten = new FlattenMix(),
        private MakeBatch $batch = new MakeBatch(),
    ) {
    }

    /**
     * @param list<Material>   $paints
     * @param Sheen            $sheen  that the dry film will have
     * @param int              $most   paints in one mix
     * @param BigRational      $amount ml that are wanted of the mix
     * @param \Closure(): bool $isOver whether the time is up
     *
     * @throws InvalidMix if there are too many paints, or none that can be matched with
     */
    public function preview(
        array $paints,
        Colour $target,
        Sheen $sheen,
        int $most,
        BigRational $amount,
        UnitSystem $units,
        \Closure $isOver,
    ): MatchPreview {
        if (\count($paints) > self::MOST) {
            throw InvalidMix::tooManyPaints(self::MOST);
        }
        $byId = array_column(array_map(static fn (Material $m): array => [$m->id, $m], $paints), 1, 0);
        $optics = array_filter(array_map(
            fn (Material $m): ?Optics => LookKind::Opaque === $m->look->kind
                ? $this->optics->derive($m)?->times(TintingStrength::of($m))
                : null,
            self::ofOneKind($byId),
        ));
        if ([] === $optics) {
            throw InvalidMix::nothingToMatchWith();
        }
        $found = MatchColour::find(
            paints: $optics,
            target: Lab::of($target),
            surface: FirstSurface::of($sheen),
            isOver: $isOver,
            most: $most,
        );
        $describe = fn (MatchedMix $m): MatchFound => $this->describe(
            match: $m,
            byId: $byId,
            target: $target,
            amount: $amount,
            units: $units,
        );

        return new MatchPreview(
            best: null === $found->best ? null : $describe($found->best),
            others: array_map($describe, $found->others),
            complete: $found->complete,
            without: array_values(array_map(static fn (Material $m): string => $m->name, array_diff_key($byId, $optics))),
        );
    }

    /**
     * Water and oil do not mix, and a powder is no paint yet: of those that can go into one pot the larger group, the first named where
     * they are as many.
     *
     * @param array<string, Material> $byId
     *
     * @return array<string, Material>
     */
    private static function ofOneKind(array $byId): array
    {
        $byCarrier = [];
        foreach ($byId as $id => $material) {
            if (Carrier::Dry !== $material->body->carrier) {
                $byCarrier[$material->body->carrier->value][$id] = $material;
            }
        }
        usort($byCarrier, static fn (array $a, array $b): int => \count($b) <=> \count($a));

        return $byCarrier[0] ?? [];
    }

    /**
     * @param array<string, Material> $byId
     */
    private function describe(MatchedMix $match, array $byId, Colour $target, BigRational $amount, UnitSystem $units): MatchFound
    {
        $parts = [];
        foreach ($match->parts as $id => $n) {
            $parts[] = [$byId[$id], $n];
        }
        $mix = Mixture::of(
            'Match',
            Basis::ByVolume,
            array_map(static fn (array $p): Part => Part::of(BigRational::of($p[1]), $p[0]), $parts),
        );
        $flat = $this->flatten->flatten($mix);
        $batch = $this->batch->toYield($flat, $amount);

        return new MatchFound(
            words: DescribeStep::mix($mix),
            parts: array_map(static fn (array $p): MatchPart => new MatchPart($p[0]->id, $p[0]->name, $p[1]), $parts),
            amounts: array_map(static fn (BatchLine $l): Amount => Amount::of($l->measured, $units, $l->mass), $batch->lines),
            colour: $match->colour->hex,
            off: ColourDifference::between($match->colour, $target),
            price: null === $flat->pricePerMl ? null : round($flat->pricePerMl * $amount->toFloat(), 2),
        );
    }
}
