<?php

declare(strict_types=1);

namespace Inlaid\Core\Layout;

/**
 * What is shared out on a face.
 */
enum LayoutKind: string
{
    case Stripes = 'stripes';
    case Border = 'border';
    case Motifs = 'motifs';
    case Sheets = 'sheets';
}
