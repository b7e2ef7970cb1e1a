<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * What a material does to light, by band: K absorption and S scattering, each per µm of wet film.
 *
 * Immutable. Of a mix each counts by its share of the volume; water and medium count nothing (P. Kubelka and F. Munk, 1931; D. R. Duncan, 1940).
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
     * @param list<float> $scattering
     */
    public static function of(array $absorption, array $scattering): self
    {
        return new self($absorption, $scattering);
    }

    /**
     * What an endlessly thick film of it looks like inside, with so much scattering in every band: K ÷ S = (1 − R)² ÷ 2R.
     */
    public static function ofMasstone(Spectrum $inside, float $scattering): self
    {
        return new self(array_map(static fn (float $r): float => $scattering * (1 - $r) ** 2 / (2 * $r), $inside->bands), array_fill(0, Observer::BANDS, $scattering));
    }

    public static function clear(): self
    {
        return new self(array_fill(0, Observer::BANDS, 0.0), array_fill(0, Observer::BANDS, 0.0));
    }

    public function times(float $strength): self
    {
        return new self(array_map(static fn (float $k): float => $strength * $k, $this->absorption), array_map(static fn (float $s): float => $strength * $s, $this->scattering));
    }

    /**
     * @param list<array{self, float}> $parts with their shares of the volume
     */
    public static function mix(array $parts): self
    {
        $k = $s = [];
        for ($i = 0; $i < Observer::BANDS; ++$i) {
            $k[] = array_sum(array_map(static fn (array $p): float => $p[1] * $p[0]->absorption[$i], $parts));
            $s[] = array_sum(array_map(static fn (array $p): float => $p[1] * $p[0]->scattering[$i], $parts));
        }

        return new self($k, $s);
    }

    /**
     * What an endlessly thick film of it looks like inside; black where it does not scatter.
     */
    public function masstone(): Spectrum
    {
        $bands = [];
        foreach ($this->absorption as $i => $k) {
            $s = $this->scattering[$i];
            $bands[] = $s <= 0.0 ? 0.0 : 1 + $k / $s - sqrt($k / $s * ($k / $s + 2));
        }

        return Spectrum::of($bands);
    }
}
