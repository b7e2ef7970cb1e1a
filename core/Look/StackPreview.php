<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Surface\LaidSurface;

/**
 * Faces that share ground and steps have one stack of layers, and so one cut.
 *
 * Immutable. `places` are "part:face"; `ground` names the substrate, `finish` what lies on it before; `dry` is the whole dry film in µm
 * where nothing local was taken away.
 */
final readonly class StackPreview
{
    /**
     * @param list<string> $parts  names, with the faces where not all are meant
     * @param list<string> $places
     * @param list<Layer>  $layers from the wood up
     */
    public function __construct(
        public string $id,
        public array $parts,
        public array $places,
        public string $ground,
        public string $finish,
        public Substrate $substrate,
        public float $area,
        public array $layers,
        public float $dry,
        public LookPreview $look,
        private LaidSurface $laid,
    ) {
    }

    /** The look itself, for who wants to try it otherwise. */
    public function laid(): LaidSurface
    {
        return $this->laid;
    }
}
