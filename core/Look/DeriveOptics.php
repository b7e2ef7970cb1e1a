<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\FilmOptics;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\RecoverSpectrum;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Colour\Spectrum;
use Inlaid\Core\Material\Look;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;

/**
 * Finds what a material does to light from what is known of its look.
 *
 * Its full-strength colour gives K ÷ S; its hiding, how much of both: the contrast ratio of one normal coat over a black card of 1 % and a
 * white one of 80 % (in luminance, seen through its
 * own surface). Hiding alone makes dark colours far too weak in tints; where "one part in nine of white looks like …" is known, one factor
 * of strength is solved that comes nearest. Flake is
 * no matter of absorption and scattering, and is not told; what is clear, or nothing, does nothing. A powder's hiding is that of what it
 * makes with as much water, by the scoop.
 *
 * Where the painter's own patches say otherwise, they are believed: another colour, and a factor for both.
 *
 * A dye only absorbs: K = ln(R₀ ÷ R) ÷ 2X from the look of a pale wood before and after one normal coat, wiped. Where it would be lighter
 * than the wood it absorbs nothing, for nothing in it could; what is missing then is the residual.
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
    /** The wood that the look of a stain is stated on, and the share of a normal coat that it takes before the rest is wiped away. */
    private const PALE_WOOD = '#e6d3ad';
    private const TAKEN = 0.25;

    private const MOST_KEPT = 500;

    /** @var array<string, Optics> by all that it depends on */
    private array $found = [];
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
            \in_array($look->kind, [LookKind::Flake, LookKind::Stain], true), null === $look->believed() => null,
            default => $this->film($material, $look, $look->believed())->times($look->power()),
        };
    }

    /** What was found is kept: a preview asks for the same few materials over and over. */
    private function film(Material $material, Look $look, Colour $colour): Optics
    {
        $wet = self::wet($material);
        $key = implode(' ', [$colour->hex, $look->hiding, $look->tint?->hex, $material->sheen?->value, $wet]);
        if (\count($this->found) > self::MOST_KEPT) {
            $this->found = [];
        }

        return ($this->found[$key] ??= $this->ofColour(
            look: $look,
            colour: $colour,
            surface: FirstSurface::of($material->sheen ?? Sheen::Matt),
            wet: $wet,
        ))->times(self::perVolume($material));
    }

    /**
     * @return Optics|null per µm of wet film; null for what is no stain in the wood, and where its look is not known
     */
    public function dye(Material $material): ?Optics
    {
        $onWood = $material->look->believed();
        if (LookKind::Stain !== $material->look->kind || null === $onWood) {
            return null;
        }
        $taken = 2 * self::TAKEN * self::wet($material);

        return Optics::of(
            array_map(
                static fn (float $before, float $after): float => max(0.0, log($before / max(1e-6, $after)) / $taken),
                $this->paleWood()->bands,
                FirstSurface::of(Sheen::Chalky)->inside($this->recover->recover($onWood))->bands,
            ),
            0.0,
        )->times($material->look->power());
    }

    /** ΔE by which what was found of a dye misses its stated look, because no dye can do that. */
    public function residual(Material $material): ?float
    {
        $dye = $this->dye($material);
        if (null === $dye || null === $material->look->onWood) {
            return null;
        }
        $seen = FirstSurface::of(Sheen::Chalky)->observed(
            FilmOptics::of($dye, self::TAKEN * self::wet($material))->over($this->paleWood()),
        );

        return DeltaE2000::between($seen->lab(), Lab::of($material->look->onWood));
    }

    private function paleWood(): Spectrum
    {
        return FirstSurface::of(Sheen::Chalky)->inside($this->recover->recover(Colour::of(self::PALE_WOOD)));
    }

    /** µm of one normal wet coat. */
    private static function wet(Material $material): float
    {
        return 1000 / ($material->body->spread ?? 12.0);
    }

    /** A powder is a smaller part of what is laid than a paint: its share of the volume once one scoop is stirred into one of water. */
    private static function perVolume(Material $material): float
    {
        $scooped = $material->body->scooped;

        return null === $scooped ? 1.0 : 1 + $material->body->density->toFloat() / $scooped->toFloat();
    }

    /**
     * @param float $wet µm of one normal coat
     */
    private function ofColour(Look $look, Colour $colour, FirstSurface $surface, float $wet): Optics
    {
        $inside = $surface->inside($this->recover->recover($colour));
        $optics = $this->hiding(inside: $inside, surface: $surface, wet: $wet, hiding: $look->hiding ?? self::USUAL_HIDING);

        return null === $look->tint ? $optics : $optics->times($this->strength($optics, $surface, $look->tint));
    }

    /**
     * As much scattering as gives the contrast ratio: it grows with it, so halving finds it.
     */
    private function hiding(Spectrum $inside, FirstSurface $surface, float $wet, float $hiding): Optics
    {
        [$low, $high] = [1e-7, 10.0];
        $off = fn (float $log): float => $this->contrast(Optics::ofMasstone($inside, exp($log)), $surface, $wet) - $hiding;

        return Optics::ofMasstone($inside, exp(self::root($off, log($low), log($high))));
    }

    /**
     * Where a growing function is nothing, by the secant with the older end's value halved when it stays (Illinois), which needs about ten
     * looks.
     *
     * @param \Closure(float): float $of
     */
    private static function root(\Closure $of, float $low, float $high): float
    {
        [$below, $above] = [$of($low), $of($high)];
        if ($above <= 0.0) {
            return $high;
        }
        if ($below >= 0.0) {
            return $low;
        }
        $side = 0;
        for ($i = 0; $i < 100 && $high - $low > 1e-11; ++$i) {
            $at = ($low * $above - $high * $below) / ($above - $below);
            $value = $of($at);
            if (abs($value) < 1e-13) {
                return $at;
            }
            if ($value > 0.0) {
                [$high, $above, $below, $side] = [$at, $value, 1 === $side ? $below / 2 : $below, 1];
            } else {
                [$low, $below, $above, $side] = [$at, $value, -1 === $side ? $above / 2 : $above, -1];
            }
        }

        return ($low + $high) / 2;
    }

    private function contrast(Optics $optics, FirstSurface $surface, float $wet): float
    {
        $film = FilmOptics::of($optics, $wet);
        $over = static fn (float $card): float => $surface->observed($film->over(Spectrum::even($card)))->light()->luminance();

        return $over(self::BLACK_CARD) / $over(self::WHITE_CARD);
    }

    /**
     * By what factor the colour is stronger than its hiding says, so that in nine parts of white it looks as stated: the golden section
     * finds where the difference is least.
     */
    private function strength(Optics $optics, FirstSurface $surface, Colour $tint): float
    {
        $target = Lab::of($tint);
        $off = fn (float $log): float => DeltaE2000::between(
            $surface->observed(
                Optics::mix([
                    [$optics->times(exp($log)), 1 / (self::TINT_PARTS + 1)],
                    [$this->white(), self::TINT_PARTS / (self::TINT_PARTS + 1)],
                ])->masstone(),
            )->lab(),
            $target,
        );
        [$low, $high, $ratio] = [-4.0, 4.0, (sqrt(5) - 1) / 2];
        [$a, $b] = [$high - $ratio * ($high - $low), $low + $ratio * ($high - $low)];
        [$atA, $atB] = [$off($a), $off($b)];
        for ($i = 0; $i < 26; ++$i) {
            if ($atA < $atB) {
                [$high, $b, $atB] = [$b, $a, $atA];
                $a = $high - $ratio * ($high - $low);
                $atA = $off($a);
            } else {
                [$low, $a, $atA] = [$a, $b, $atB];
                $b = $low + $ratio * ($high - $low);
                $atB = $off($b);
            }
        }

        return exp(($low + $high) / 2);
    }

    private function white(): Optics
    {
        $surface = FirstSurface::of(Sheen::Matt);

        return $this->white ??= $this->hiding(
            inside: $surface->inside($this->recover->recover(Colour::of(self::WHITE))),
            surface: $surface,
            wet: self::WHITE_WET,
            hiding: self::USUAL_HIDING,
        );
    }
}
