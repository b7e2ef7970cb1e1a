<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Zone;

/**
 * The look that is asked for: a colour for some zones, and how lively the flat is.
 *
 * Immutable. `contrast` from least to most, ΔE within the flat; null where any will do. Zones count by their usual share of a face.
 */
final readonly class Wish
{
    /** Share of an ordinary face; typical. */
    private const SHARES = ['field' => 0.7, 'edge' => 0.1, 'recess' => 0.1, 'pore' => 0.1];
    /**
     * A difference up to which ΔE says how different two colours look; beyond it flatters far blues, and their distance in L*a*b* is taken.
     */
    private const FAR = 10.0;
    private const FAR_APART = 25.0;
    /** What a ΔE of contrast counts against one of colour. */
    private const LIVELY = 0.3;

    /** @var array<string, float> by zone, the largest first; they sum to 1 */
    public array $shares;

    /**
     * @param non-empty-array<string, Lab> $colours  by zone
     * @param array{float, float}|null     $contrast
     */
    private function __construct(public array $colours, public ?array $contrast)
    {
        $shares = array_intersect_key(self::SHARES, $colours);
        $all = max(1e-9, array_sum($shares));
        $this->shares = array_map(static fn (float $s): float => $s / $all, $shares);
    }

    /**
     * @param non-empty-array<string, Colour> $colours by zone
     */
    public static function of(array $colours, ?Lively $lively = null): self
    {
        return new self(array_map(Lab::of(...), $colours), $lively?->contrast());
    }

    /**
     * To look like this.
     *
     * @param non-empty-array<string, ZoneState> $look by zone
     */
    public static function like(array $look): self
    {
        $contrast = ($look[Zone::Field->value] ?? null)?->contrast();

        return new self(
            array_map(static fn (ZoneState $s): Lab => $s->lab(), $look),
            null === $contrast ? null : [$contrast, $contrast],
        );
    }

    /** How far a zone is from what is asked for. */
    public function apart(string $zone, Lab $lab): float
    {
        $of = $this->colours[$zone];
        $apart = DeltaE2000::between($lab, $of);
        $distance = $lab->distance($of);

        return $apart <= self::FAR && $distance <= self::FAR_APART ? $apart : max($apart, $distance);
    }

    /**
     * How far a look is from what is asked for, by the shares of its zones.
     *
     * @param array<string, ZoneState> $ends by zone
     */
    public function off(array $ends): float
    {
        $off = 0.0;
        foreach ($this->shares as $zone => $share) {
            $off += $share * $this->apart($zone, $ends[$zone]->lab());
        }

        return $off;
    }

    /** What it counts that the flat is more or less lively than is asked for. */
    public function dull(float $contrast): float
    {
        return null === $this->contrast
            ? 0.0
            : self::LIVELY * max(0.0, $this->contrast[0] - $contrast, $contrast - $this->contrast[1]);
    }
}
