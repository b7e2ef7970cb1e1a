<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Light;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Colour\Spectrum;

/**
 * What the next film meets, and what is seen of it as long as none is laid.
 *
 * Immutable. `inside` is what it reflects beneath its surface; `porous` how open it is to be wetted, 0 to 1; `uptake` the share of a dye
 * that it takes against bare wood.
 *
 * Wetting: what fills the pores takes away most of their scattering, so that light goes deeper and more of it is lost (Lekner and Dorf,
 * 1988). Taken as K ÷ S grown by 2^porous: typical, bare wood 0.9 (nearly twofold), a
 * chalky paint 0.3, a matt one 0.12, what has a closed surface not at all.
 */
final readonly class Ground
{
    private const BARE = 0.9;
    /** A difference in a band of which no ΔE of a thousandth comes. */
    private const UNSEEN = 1e-6;
    /** What a dye still does to a ground that a film has closed. */
    private const CLOSED = 0.15;
    private const CONDITIONED = 0.6;

    private function __construct(public Spectrum $inside, public Sheen $sheen, public float $porous, public float $uptake)
    {
    }

    /** Bare wood that looks so. */
    public static function bare(Spectrum $seen): self
    {
        return new self(inside: FirstSurface::of(Sheen::Chalky)->inside($seen), sheen: Sheen::Chalky, porous: self::BARE, uptake: 1.0);
    }

    /** Metal, laminate, or wood under an old finish: closed. */
    public static function closed(Spectrum $seen): self
    {
        return new self(inside: FirstSurface::of(Sheen::Satin)->inside($seen), sheen: Sheen::Satin, porous: 0.0, uptake: self::CLOSED);
    }

    /** Does what is laid on it go into wood, dyed or not? */
    public function isWood(): bool
    {
        return $this->porous > 0.5;
    }

    /** The same to all that is laid on it, but for what nobody sees. */
    public function isAs(self $other): bool
    {
        if ($this->sheen !== $other->sheen || $this->porous !== $other->porous || $this->uptake !== $other->uptake) {
            return false;
        }
        foreach ($this->inside->bands as $i => $r) {
            if (abs($r - $other->inside->bands[$i]) > self::UNSEEN) {
                return false;
            }
        }

        return true;
    }

    public function light(): Light
    {
        return FirstSurface::of($this->sheen)->light($this->inside);
    }

    /**
     * With a film on it that makes of what is inside something else.
     *
     * @param Sheen|null $sheen  null where it has no surface of its own
     * @param bool       $closes whether it closes the ground, so that dyes no longer get in
     */
    public function under(Spectrum $inside, ?Sheen $sheen, bool $closes): self
    {
        if (!$closes) {
            return new self(inside: $inside, sheen: $this->sheen, porous: $this->porous, uptake: $this->uptake);
        }
        $porous = match ($sheen) {
            Sheen::Chalky => 0.3, Sheen::Matt, null => 0.12, default => 0.0,
        };

        return new self(inside: $inside, sheen: $sheen ?? $this->sheen, porous: $porous, uptake: self::CLOSED);
    }

    /** Soaked, as far as it is porous and there is enough: `share` 1. */
    public function wetted(float $share): self
    {
        if ($this->porous <= 0.0 || $share <= 0.0) {
            return $this;
        }

        return new self(
            inside: $this->deeper($this->wetting($share)),
            sheen: $this->sheen,
            porous: $this->porous * (1 - min(1.0, $share)),
            uptake: $this->uptake,
        );
    }

    /** By how much that deepens it, as a factor on K ÷ S. */
    public function wetting(float $share): float
    {
        return 2 ** ($this->porous * max(0.0, min(1.0, $share)));
    }

    /** Under a clear old finish: closed and smooth. */
    public function varnished(): self
    {
        return new self(inside: $this->inside, sheen: Sheen::Satin, porous: 0.0, uptake: self::CLOSED);
    }

    /** Its own colour, weaker or stronger: K ÷ S times a factor. */
    public function times(float $factor): self
    {
        return new self(inside: $this->deeper($factor), sheen: $this->sheen, porous: $this->porous, uptake: $this->uptake);
    }

    public function conditioned(): self
    {
        return new self(inside: $this->inside, sheen: $this->sheen, porous: $this->porous, uptake: min($this->uptake, self::CONDITIONED));
    }

    /** Scratched by paper: no glossier than matt. */
    public function dulled(): self
    {
        return new self(
            inside: $this->inside,
            sheen: Sheen::Chalky === $this->sheen ? $this->sheen : Sheen::Matt,
            porous: $this->porous,
            uptake: $this->uptake,
        );
    }

    private function deeper(float $factor): Spectrum
    {
        return Spectrum::of(array_map(static function (float $r) use ($factor): float {
            $q = $factor * (1 - $r) ** 2 / (2 * max(1e-9, $r));

            return 1 + $q - sqrt($q * ($q + 2));
        }, $this->inside->bands));
    }
}
