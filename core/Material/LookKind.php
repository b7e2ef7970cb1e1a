<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

/**
 * How a material shows: as a body of colour, a clear film, a dye in the wood, or flakes that change with the angle.
 */
enum LookKind: string
{
    case Opaque = 'opaque';
    case Translucent = 'translucent';
    case Clear = 'clear';
    case Stain = 'stain';
    case Flake = 'flake';
    case None = 'none';
}
