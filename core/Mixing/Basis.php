<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

/**
 * What the parts of a mix are parts of.
 */
enum Basis: string
{
    case ByVolume = 'volume';
    case ByMass = 'mass';
}
