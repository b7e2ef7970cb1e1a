<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * What a material does to light: K absorption and S scattering, band by band, each per µm of wet film.
 *
 * Immutable. Of a mix each counts by its share of the volume; water and medium count nothing (P. Kubelka and F. Munk, 1931; D. R. Duncan,
 * 1940).
 */
final readonly class Optics
{
    /**
     * @param list<float> $absorption
     * @param list<float> $scattering
     */
    private function __construct(public array $absorption, public array $scattering)
    {
    }

    /**
     * @param list<float> $absorption 36 bands, none less than nothing
     * @param list<float> $scattering likewise
     */
    public static function of(array $absorption, array $scattering): self
    {
        return new self($absorption, $scattering);
    }

    /**
     * What an endlessly thick film of it looks like inside, with so much scattering: K ÷ S = (1 − R)² ÷ 2R.
     *
     * @param list<float> $scattering by band
     */
    public static function ofMasstone(Spectrum $inside, array $scattering): self
    {
        return new self(array_map(static fn (float $q, float $s): float => $s * $q, self::ratios($inside), $scattering), $scattering);
    }

    /**
     * K ÷ S of what looks so inside where it is endlessly thick.
     *
     * @return list<float> by band
     */
    public static function ratios(Spectrum $inside): array
    {
        return array_map(static fn (float $r): float => (1 - $r) ** 2 / (2 * $r), $inside->bands);
    }

    public static function clear(): self
    {
        return new self(array_fill(0, Observer::BANDS, 0.0), array_fill(0, Observer::BANDS, 0.0));
    }

    public function times(float $strength): self
    {
        $times = static fn (float $figure): float => $strength * $figure;

        return new self(array_map($times, $this->absorption), array_map($times, $this->scattering));
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
        $k = $s = array_fill(0, Observer::BANDS, 0.0);
        foreach ($parts as [$of, $share]) {
            foreach ($of->absorption as $i => $absorbs) {
                $k[$i] += $share * $absorbs;
                $s[$i] += $share * $of->scattering[$i];
            }
        }

        return new self(array_values($k), array_values($s));
    }

    /**
     * What an endlessly thick film of it looks like inside; black where it does not scatter.
     */
    public function masstone(): Spectrum
    {
        $bands = [];
        foreach ($this->absorption as $i => $k) {
            $q = $this->scattering[$i] > 0.0 ? $k / $this->scattering[$i] : \INF;
            $bands[] = \INF === $q ? 0.0 : 1 + $q - sqrt($q * ($q + 2));
        }

        return Spectrum::of($bands);
    }
}
