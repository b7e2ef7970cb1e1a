<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

/**
 * What the first coat meets: bare material that drinks, or something that does not.
 */
enum Ground: string
{
    case Bare = 'bare';
    case Sealed = 'sealed';
    case Painted = 'painted';
}
