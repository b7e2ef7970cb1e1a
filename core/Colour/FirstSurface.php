<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * What the surface itself throws back before any colour is seen (J. L. Saunderson, 1942): of the light from outside a share k₁, which a
 * glossy surface throws aside and a chalky one to the eye; of the
 * light from inside a share k₂ = 0.4 goes back in. So wax, oil and topcoat deepen a colour.
 *
 * The darkest colours throw back less than k₁ in all. So in each band k₁ is no more than half of what is observed, and the same the other
 * way: where R = k₁ + (1 − k₁)q, q = Rᵢ(1 − k₂) ÷ (1 − k₂Rᵢ), comes
 * out under 2k₁ it is 2q ÷ (1 + q). Both ways give back what they were given; a glossier surface is never lighter.
 *
 * Immutable.
 */
final readonly class FirstSurface
{
    /** Of the light from inside: what goes back in, and what comes out. */
    public const BACK = 0.4;
    public const OUT = 1 - self::BACK;

    private function __construct(public float $share)
    {
    }

    /**
     * Typical shares that come to the eye: Fresnel's 4 % where the surface scatters all of it, next to nothing of a gloss.
     */
    public static function of(Sheen $sheen): self
    {
        return new self(match ($sheen) {
            Sheen::Chalky => 0.04, Sheen::Matt => 0.03, Sheen::Eggshell => 0.024, Sheen::Satin => 0.018, Sheen::Gloss => 0.006,
        });
    }

    /** What is seen of what the film reflects inside. */
    public function observed(Spectrum $inside): Spectrum
    {
        return Spectrum::of(array_map(function (float $r): float {
            $q = $r * self::OUT / (1 - self::BACK * $r);
            $seen = $this->share + (1 - $this->share) * $q;

            return $seen < 2 * $this->share ? 2 * $q / (1 + $q) : $seen;
        }, $inside->bands));
    }

    /** What is seen of it as light to the eye: `observed` in one go, for it is asked of every patch after every step. */
    public function light(Spectrum $inside): Light
    {
        [$toRed, $toGreen, $toBlue] = Observer::WEIGHTS;
        $share = $this->share;
        $red = $green = $blue = 0.0;
        foreach ($inside->bands as $i => $r) {
            $q = $r * self::OUT / (1 - self::BACK * $r);
            $seen = $share + (1 - $share) * $q;
            if ($seen < 2 * $share) {
                $seen = 2 * $q / (1 + $q);
            }
            $red += $toRed[$i] * $seen;
            $green += $toGreen[$i] * $seen;
            $blue += $toBlue[$i] * $seen;
        }

        return new Light($red, $green, $blue);
    }

    /** What the film must reflect inside for this to be seen. */
    public function inside(Spectrum $observed): Spectrum
    {
        return Spectrum::of(array_map(function (float $r): float {
            $k = min($this->share, $r / 2);

            return ($r - $k) / ((1 - $k) * self::OUT + self::BACK * ($r - $k));
        }, $observed->bands));
    }
}
