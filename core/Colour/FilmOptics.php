<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * What a film makes of the light that the ground beneath it reflects: a Möbius map for each band, so that one film serves every ground, and
 * films upon films are one.
 *
 * Kubelka and Munk, with absorption K and scattering S and never with the colour of an endless film alone: γ = √(K(K + 2S)), t = tanh(γX) ÷
 * γ, R = (Rg + S·t − Rg(S + K)t) ÷ (1 + (S + K)t − Rg·S·t). That is exact
 * at X = 0, without scattering (Rg·e^(−2KX)), without absorption, and for an endless film.
 *
 * Immutable. R = (a·Rg + b) ÷ (c·Rg + d), scaled to d = 1.
 */
final class FilmOptics
{
    /** γX under which tanh(γX) ÷ γ is taken from its series. */
    private const SMALL = 1e-4;

    /** @var \WeakMap<self, self>|null what was found with others on top of it */
    private ?\WeakMap $under = null;

    /**
     * @param list<float> $a
     * @param list<float> $b
     * @param list<float> $c
     */
    private function __construct(private readonly array $a, private readonly array $b, private readonly array $c)
    {
    }

    /**
     * @param float $thickness in the unit that absorption and scattering are per, µm of wet film
     */
    public static function of(Optics $optics, float $thickness): self
    {
        $a = $b = $c = [];
        foreach ($optics->absorption as $i => $k) {
            $s = $optics->scattering[$i];
            $gamma = sqrt($k * ($k + 2 * $s));
            $gx = $gamma * $thickness;
            $t = $gx < self::SMALL ? $thickness * (1 - $gx * $gx / 3) : tanh($gx) / $gamma;
            $d = 1 + ($s + $k) * $t;
            $a[] = (1 - ($s + $k) * $t) / $d;
            $b[] = $s * $t / $d;
            $c[] = -$s * $t / $d;
        }

        return new self($a, $b, $c);
    }

    /**
     * Flakes that lie flat and let nothing through, over a share of the ground.
     *
     * @param Spectrum $flake what they reflect inside the film
     */
    public static function flakes(Spectrum $flake, float $share): self
    {
        return new self(
            array_fill(0, Observer::BANDS, 1 - $share),
            array_map(static fn (float $r): float => $share * $r, $flake->bands),
            array_fill(0, Observer::BANDS, 0.0),
        );
    }

    /** Nothing at all. */
    public static function none(): self
    {
        return new self(array_fill(0, Observer::BANDS, 1.0), array_fill(0, Observer::BANDS, 0.0), array_fill(0, Observer::BANDS, 0.0));
    }

    public function over(Spectrum $ground): Spectrum
    {
        $bands = [];
        foreach ($ground->bands as $i => $g) {
            $bands[] = ($this->a[$i] * $g + $this->b[$i]) / ($this->c[$i] * $g + 1);
        }

        return Spectrum::of($bands);
    }

    /** Both as one, with another film on top of this; many patches have the same two. */
    public function under(self $top): self
    {
        $this->under ??= new \WeakMap();

        return $this->under[$top] ??= $this->product($top);
    }

    private function product(self $top): self
    {
        $a = $b = $c = [];
        foreach ($this->a as $i => $_) {
            $d = $top->c[$i] * $this->b[$i] + 1;
            $a[] = ($top->a[$i] * $this->a[$i] + $top->b[$i] * $this->c[$i]) / $d;
            $b[] = ($top->a[$i] * $this->b[$i] + $top->b[$i]) / $d;
            $c[] = ($top->c[$i] * $this->a[$i] + $this->c[$i]) / $d;
        }

        return new self($a, $b, $c);
    }
}
