<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Surface\LaidSurface;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Zone;

/**
 * What gives a finish its life: the contrast within the flat, and by how much edges, recesses and pores stand out against it. ΔE.
 *
 * Immutable.
 */
final readonly class Liveliness
{
    /** Less than this was no life to be lost, ΔE. */
    private const SOME = 2.0;
    /** The share of it that may go. */
    private const MOST_LOST = 1 / 3;

    /**
     * @param array<string, float> $by by zone
     */
    private function __construct(public array $by)
    {
    }

    /** Before one of the doings; after the last where it is the number of them. */
    public static function of(LaidSurface $look, int $doing): self
    {
        $states = [];
        foreach ($look->zones() as $zone) {
            $states[$zone->value] = $look->ahead($doing, $zone);
        }

        return self::between($states);
    }

    /**
     * @param array<string, ZoneState> $states by zone
     */
    public static function between(array $states): self
    {
        $flat = $states[Zone::Field->value];
        $by = [Zone::Field->value => $flat->contrast()];
        foreach ($states as $zone => $state) {
            if (Zone::Field->value !== $zone) {
                $by[$zone] = DeltaE2000::between($state->lab(), $flat->lab());
            }
        }

        return new self($by);
    }

    /**
     * What is lost of it, where it is more than may be.
     *
     * @return array<string, float> share lost, by zone
     */
    public function lost(self $now): array
    {
        $lost = [];
        foreach ($this->by as $zone => $had) {
            $gone = $had < self::SOME ? 0.0 : 1 - $now->by[$zone] / $had;
            if ($gone > self::MOST_LOST) {
                $lost[$zone] = round($gone, 3);
            }
        }

        return $lost;
    }

    /** The contrast within the flat. */
    public function flat(): float
    {
        return $this->by[Zone::Field->value];
    }

    /** All of it together. */
    public function sum(): float
    {
        return array_sum($this->by);
    }
}
