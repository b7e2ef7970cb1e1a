<?php

declare(strict_types=1);

namespace Inlaid\Core\Optics;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Observer;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\RecoverSpectrum;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Colour\Spectrum;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\MixCharacter;

/**
 * Finds what a mix does to light from what is in it, each by its share of the volume; of several paints in it by their tinting strength,
 * so that together they are as much paint as there is.
 *
 * Where flake is in a mix the whole of it is flake: its look turns with the angle, and nothing is promised of it. `instead` is taken in the
 * place of a material of its id, to see what would be.
 */
final class FindColourant
{
    /** Scattering, per µm, through which nothing is seen. */
    private const OPAQUE = 10.0;

    private ?Material $instead = null;
    private bool $sees = true;
    /** @var \WeakMap<FlatMix, Colourant> what was found before */
    private \WeakMap $found;

    public function __construct(
        private readonly DeriveOptics $derive = new DeriveOptics(),
        private readonly RecoverSpectrum $recover = new RecoverSpectrum(),
    ) {
        $this->found = new \WeakMap();
    }

    public function __clone()
    {
        $this->found = new \WeakMap(); // it finds something else
    }

    /** The same, with one material looking otherwise. */
    public function with(Material $instead): self
    {
        $with = clone $this;
        $with->instead = $instead;

        return $with;
    }

    /** The same that only tells films, dyes and the rest apart, without what they do to light. */
    public function blind(): self
    {
        $blind = clone $this;
        $blind->sees = false;

        return $blind;
    }

    /**
     * @return Colourant|null null where nothing in it makes a film
     */
    public function find(FlatMix $mix, MixCharacter $character): ?Colourant
    {
        return null === $character->normalWet
            ? null
            : $this->found[$mix] ??= $this->colourant($mix, $character->normalWet, $character->sheen);
    }

    private function colourant(FlatMix $mix, float $normal, ?Sheen $sheen): Colourant
    {
        $parts = [];
        $yellows = $coloured = $tinting = 0.0;
        foreach ($this->sees ? $mix->leaves : [] as $leaf) {
            $material = $leaf->material->id === $this->instead?->id ? $this->instead : $leaf->material;
            $times = TintingStrength::of($material);
            $isPaint = LookKind::Opaque === $material->look->kind;
            $coloured += $isPaint ? $leaf->share : 0.0;
            $tinting += $isPaint ? $times * $leaf->share : 0.0;
            $parts[] = [
                $this->derive->derive($material) ?? $this->derive->dye($material) ?? Optics::clear(),
                $leaf->share,
                $isPaint ? $times : null,
            ];
            $yellows += $leaf->share * $leaf->material->ambering->perMicrometre();
        }

        return new Colourant(
            kind: $this->kind($mix),
            optics: [] === $parts ? Optics::clear() : Optics::mix(array_map(
                static fn (array $p): array => [$p[0], null === $p[2] ? $p[1] : $p[1] * $p[2] * $coloured / $tinting],
                $parts,
            )),
            flake: $this->sees ? $this->flake($mix) : null,
            sheen: $sheen,
            yellows: $yellows,
            normal: $normal,
            isSeen: $this->sees,
        );
    }

    /** A sheet, of which the colour is all that is seen. */
    public function sheet(Colour $colour, float $thickness): Colourant
    {
        return new Colourant(
            kind: ColourantKind::Film,
            optics: Optics::ofMasstone(
                FirstSurface::of(Sheen::Chalky)->inside($this->recover->recover($colour)),
                array_fill(0, Observer::BANDS, self::OPAQUE),
            ),
            flake: null,
            sheen: Sheen::Chalky,
            yellows: 0.0,
            normal: max(1.0, $thickness),
        );
    }

    private function kind(FlatMix $mix): ColourantKind
    {
        $looks = array_map(static fn ($leaf): LookKind => $leaf->material->look->kind, $mix->leaves);

        return match (true) {
            [] !== array_filter(
                $mix->leaves,
                static fn ($leaf): bool => MaterialKind::Resist === $leaf->material->kind,
            ) => ColourantKind::Resist,
            \in_array(LookKind::Flake, $looks, true) => ColourantKind::Flake,
            \in_array(LookKind::Opaque, $looks, true), \in_array(LookKind::Translucent, $looks, true) => ColourantKind::Film,
            \in_array(LookKind::Stain, $looks, true) => ColourantKind::Dye,
            default => ColourantKind::Clear,
        };
    }

    private function flake(FlatMix $mix): ?Spectrum
    {
        foreach ($mix->leaves as $leaf) {
            if (LookKind::Flake === $leaf->material->look->kind && null !== $leaf->material->look->colour) {
                return FirstSurface::of(
                    $leaf->material->sheen ?? Sheen::Satin,
                )->inside($this->recover->recover($leaf->material->look->colour));
            }
        }

        return null;
    }
}
