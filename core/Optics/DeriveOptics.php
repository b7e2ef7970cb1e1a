<?php

declare(strict_types=1);

namespace Inlaid\Core\Optics;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\FilmOptics;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Memory;
use Inlaid\Core\Colour\Observer;
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
 * Its full-strength colour gives K ÷ S; its hiding, how much of both: the contrast ratio of one normal coat over a black card of 1 % and
 * a white one of 80 % (in luminance, seen through its own surface). How K and S lie in the bands no single colour tells: with one S for
 * all, thin films of dark dull colours come out far too vivid. Where "one part in nine of white looks like …" is known, both colours tell
 * it band by band; else the shape is that of a typical paint. Flake is no matter of absorption and scattering, and is not told; what is
 * clear, or nothing, does nothing. A powder's hiding is that of what it makes with as much water, by the scoop.
 *
 * Where the painter's own patches say otherwise, they are believed: another colour, and a factor for both.
 *
 * A dye only absorbs: K = ln(R₀ ÷ R) ÷ 2X from the look of a pale wood before and after one normal coat, wiped. Where it would be lighter
 * than the wood it absorbs nothing, for nothing in it could; what is missing then is the residual.
 */
final class DeriveOptics
{
    /** Where no hiding is known, that of a good paint. */
    private const USUAL_HIDING = 0.96;
    /** The white of a tint: a plain white paint of 12 m²/L that hides 0.96. */
    private const WHITE = '#f3f1ec';
    private const WHITE_WET = 1000 / 12;
    /** The wood that the look of a stain is stated on, and the share of a normal coat that it takes before the rest is wiped away. */
    private const PALE_WOOD = '#e6d3ad';
    private const TAKEN = 0.25;

    private const MOST_KEPT = 500;

    /** @var array<string, Optics> by all that it depends on */
    private array $found = [];
    private ?Optics $white = null;

    public function __construct(
        private readonly RecoverSpectrum $recover = new RecoverSpectrum(),
        private readonly SolveScattering $scatter = new SolveScattering(),
        private readonly ?Memory $memory = null,
    ) {
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

        $make = fn (): Optics => $this->ofColour(
            look: $look,
            colour: $colour,
            surface: FirstSurface::of($material->sheen ?? Sheen::Matt),
            wet: $wet,
        );

        $this->found[$key] ??= null === $this->memory ? $make() : Optics::of(...$this->memory->recall(
            $key,
            static fn (): array => [($made = $make())->absorption, $made->scattering],
        ));

        return $this->found[$key]->times(self::perVolume($material));
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
            array_fill(0, Observer::BANDS, 0.0),
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
        $tinted = null === $look->tint
            ? null
            : $this->scatter->byTint($inside, $surface->inside($this->recover->recover($look->tint)), $this->white());

        return $tinted ?? $this->scatter->byHiding(
            inside: $inside,
            surface: $surface,
            wet: $wet,
            hiding: $look->hiding ?? self::USUAL_HIDING,
        );
    }

    private function white(): Optics
    {
        $surface = FirstSurface::of(Sheen::Matt);

        return $this->white ??= $this->scatter->byHiding(
            inside: $surface->inside($this->recover->recover(Colour::of(self::WHITE))),
            surface: $surface,
            wet: self::WHITE_WET,
            hiding: self::USUAL_HIDING,
        );
    }
}
