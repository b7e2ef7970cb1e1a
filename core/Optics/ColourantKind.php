<?php

declare(strict_types=1);

namespace Inlaid\Core\Optics;

/**
 * How a mix shows: as a film of colour, as clear one, as dye in the wood, as flakes, or as a resist that keeps later films off.
 */
enum ColourantKind
{
    case Film;
    case Clear;
    case Dye;
    case Flake;
    case Resist;
}
