<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * How the thick and thin of a technique lie beside one another on a face. It changes nothing of how much there is of each; it is what the
 * face is painted by.
 */
enum Spread: string
{
    case Strokes = 'strokes';
    case Crossed = 'crossed';
    case Points = 'points';
    case Patches = 'patches';
    case Motifs = 'motifs';
    case Stripes = 'stripes';
    case Worn = 'worn';
    case Placed = 'placed';
}
