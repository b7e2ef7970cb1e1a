<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\Portion;

/**
 * What is in a pot: line by line, as a ratio in words, and how thin it is.
 *
 * Immutable. `solids` is the share of the volume that stays when dry; `thinning` in volumes of thinner to one of body.
 */
final readonly class PotPreview
{
    /**
     * @param list<BatchLinePreview> $lines in the order poured
     */
    public function __construct(
        public Amount $holds,
        public array $lines,
        public string $words,
        public float $thinning,
        public float $solids,
    ) {
    }

    public static function of(Contents $pot, UnitSystem $units): self
    {
        $character = (new DeriveCharacter())->derive($pot->mix('pot'));

        return new self(
            holds: Amount::of($pot->volume(), $units, $pot->mass()),
            lines: BatchLinePreview::all($pot, $units),
            words: self::words($pot),
            thinning: round($character->thinning, 4),
            solids: round($character->solids, 4),
        );
    }

    /**
     * "1 Ballast : 4.2 Water", as measured, the first material as one.
     */
    private static function words(Contents $pot): string
    {
        $portions = array_values($pot->portions);

        return implode(
            ' : ',
            array_map(
                static fn (Portion $p): string => ExactNumber::decimal(
                    $p->measured()->dividedBy($portions[0]->measured()),
                ).' '.$p->material->name,
                $portions,
            ),
        );
    }
}
