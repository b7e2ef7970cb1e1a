<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * What a material does to light: K absorption, by band, and S scattering, the same in every band (no more can be told from a colour and its
 * hiding), each per µm of wet film.
 *
 * Immutable. Of a mix each counts by its share of the volume; water and medium count nothing (P. Kubelka and F. Munk, 1931; D. R. Duncan,
 * 1940).
 */
final readonly class Optics
{
    /**
     * @param list<float> $absorption
     */
    private function __construct(public array $absorption, public float $scattering)
    {
    }

    /**
     * @param list<float> $absorption 36 bands, none less than nothing
     */
    public static function of(array $absorption, float $scattering): self
    {
        return new self($absorption, $scattering);
    }

    /**
     * What an endlessly thick film of it looks like inside, with so much scattering: K ÷ S = (1 − R)² ÷ 2R.
     */
    public static function ofMasstone(Spectrum $inside, float $scattering): self
    {
        return new self(array_map(static fn (float $r): float => $scattering * (1 - $r) ** 2 / (2 * $r), $inside->bands), $scattering);
    }

    public static function clear(): self
    {
        return new self(array_fill(0, Observer::BANDS, 0.0), 0.0);
    }

    public function times(float $strength): self
    {
        return new self(array_map(static fn (float $k): float => $strength * $k, $this->absorption), $strength * $this->scattering);
    }

    /**
     * Ambered: oils and resins take up blue as the years go by, half as much of it every 38 nm further up, and most of it in the first few
     * years (1 − e^(−years ÷ 3)); typical.
     *
     * @param float $most absorption at 380 nm in the end, per µm of wet film
     */
    public function yellowed(float $most, float $years): self
    {
        if ($most <= 0.0 || $years <= 0.0) {
            return $this;
        }
        $now = $most * (1 - exp(-$years / 3));

        return new self(
            array_map(
                static fn (float $k, int $i): float => $k + $now * 2 ** (-$i / 3.8),
                $this->absorption,
                array_keys($this->absorption),
            ),
            $this->scattering,
        );
    }

    /**
     * @param list<array{self, float}> $parts with their shares of the volume
     */
    public static function mix(array $parts): self
    {
        $k = array_fill(0, Observer::BANDS, 0.0);
        $s = 0.0;
        foreach ($parts as [$of, $share]) {
            foreach ($of->absorption as $i => $absorbs) {
                $k[$i] += $share * $absorbs;
            }
            $s += $share * $of->scattering;
        }

        return new self(array_values($k), $s);
    }

    /**
     * What an endlessly thick film of it looks like inside; black where it does not scatter.
     */
    public function masstone(): Spectrum
    {
        $bands = [];
        foreach ($this->absorption as $k) {
            $q = $this->scattering > 0.0 ? $k / $this->scattering : \INF;
            $bands[] = \INF === $q ? 0.0 : 1 + $q - sqrt($q * ($q + 2));
        }

        return Spectrum::of($bands);
    }
}
