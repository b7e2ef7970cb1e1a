<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

/**
 * How far a clear film yellows with the years.
 */
enum Ambering: string
{
    case None = 'none';
    case Slight = 'slight';
    case Strong = 'strong';
}
