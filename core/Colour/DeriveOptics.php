<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

use Inlaid\Core\Material\Colour;
use Inlaid\Core\Material\Look;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\Sheen;

/**
 * Finds what a material does to light from what is known of its look.
 *
 * Its full-strength colour gives K ÷ S; its hiding, how much of both: the contrast ratio of one normal coat over a black card of 1 % and a white one of 80 % (in luminance, seen through its
 * own surface). Hiding alone makes dark colours far too weak in tints; where "one part in nine of white looks like …" is known, one factor of strength is solved that comes nearest. Flake is
 * no matter of absorption and scattering, and is not told; what is clear, or nothing, does nothing.
 */
final class DeriveOptics
{
    private const BLACK_CARD = 0.01;
    private const WHITE_CARD = 0.80;
    /** Where no hiding is known, that of a good paint. */
    private const USUAL_HIDING = 0.96;
    /** The white of a tint: a plain white paint of 12 m²/L that hides 0.96. */
    private const WHITE = '#f3f1ec';
    private const WHITE_WET = 1000 / 12;
    private const TINT_PARTS = 9;

    private ?Optics $white = null;

    public function __construct(private readonly RecoverSpectrum $recover = new RecoverSpectrum())
    {
    }

    /**
     * @return Optics|null per µm of wet film; null for flake, for stains in the wood, and where no colour is known
     */
    public function derive(Material $material): ?Optics
    {
        $look = $material->look;

        return match (true) {
            \in_array($look->kind, [LookKind::Clear, LookKind::None], true) => Optics::clear(),
            \in_array($look->kind, [LookKind::Flake, LookKind::Stain], true), null === $look->colour => null,
            default => $this->ofColour($look, $look->colour, FirstSurface::of($material->sheen ?? Sheen::Matt), 1000 / ($material->body->spread ?? 12.0)),
        };
    }

    /**
     * @param float $wet µm of one normal coat
     */
    private function ofColour(Look $look, Colour $colour, FirstSurface $surface, float $wet): Optics
    {
        $inside = $surface->inside($this->recover->recover($colour));
        $optics = $this->hiding($inside, $surface, $wet, $look->hiding ?? self::USUAL_HIDING);

        return null === $look->tint ? $optics : $optics->times($this->strength($optics, $surface, $look->tint));
    }

    /**
     * As much scattering as gives the contrast ratio: it grows with it, so halving finds it.
     */
    private function hiding(Spectrum $inside, FirstSurface $surface, float $wet, float $hiding): Optics
    {
        [$low, $high] = [1e-7, 10.0];
        for ($i = 0; $i < 60; ++$i) {
            $middle = sqrt($low * $high);
            $this->contrast(Optics::ofMasstone($inside, $middle), $surface, $wet) < $hiding ? $low = $middle : $high = $middle;
        }

        return Optics::ofMasstone($inside, sqrt($low * $high));
    }

    private function contrast(Optics $optics, FirstSurface $surface, float $wet): float
    {
        $film = FilmOptics::of($optics, $wet);
        $over = static fn (float $card): float => $surface->observed($film->over(Spectrum::even($card)))->light()->luminance();

        return $over(self::BLACK_CARD) / $over(self::WHITE_CARD);
    }

    /**
     * By what factor the colour is stronger than its hiding says, so that in nine parts of white it looks as stated: the golden section finds where the difference is least.
     */
    private function strength(Optics $optics, FirstSurface $surface, Colour $tint): float
    {
        $target = Lab::of($tint);
        $off = fn (float $log): float => DeltaE2000::between($surface->observed(Optics::mix([[$optics->times(exp($log)), 1 / (self::TINT_PARTS + 1)], [$this->white(), self::TINT_PARTS / (self::TINT_PARTS + 1)]])->masstone())->lab(), $target);
        [$low, $high, $ratio] = [-4.0, 4.0, (sqrt(5) - 1) / 2];
        for ($i = 0; $i < 40; ++$i) {
            [$a, $b] = [$high - $ratio * ($high - $low), $low + $ratio * ($high - $low)];
            $off($a) < $off($b) ? $high = $b : $low = $a;
        }

        return exp(($low + $high) / 2);
    }

    private function white(): Optics
    {
        $surface = FirstSurface::of(Sheen::Matt);

        return $this->white ??= $this->hiding($surface->inside($this->recover->recover(Colour::of(self::WHITE))), $surface, self::WHITE_WET, self::USUAL_HIDING);
    }
}
