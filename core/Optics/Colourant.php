<?php

declare(strict_types=1);

namespace Inlaid\Core\Optics;

use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Colour\Spectrum;

/**
 * What a mix does to light where it lies.
 *
 * Immutable. `optics` per µm of wet film; `flake` what flakes look like from the front, null where there are none; `yellows` how much it
 * ambers, per µm of wet film; `normal` µm of one normal wet coat; not `isSeen` where only its kind was asked for.
 */
final readonly class Colourant
{
    public function __construct(
        public ColourantKind $kind,
        public Optics $optics,
        public ?Spectrum $flake,
        public ?Sheen $sheen,
        public float $yellows,
        public float $normal,
        public bool $isSeen = true,
    ) {
    }
}
