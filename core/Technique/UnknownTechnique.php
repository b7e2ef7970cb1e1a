<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

use Inlaid\Core\ValidationError;

/**
 * A recipe names a technique nobody has defined.
 */
final class UnknownTechnique extends ValidationError
{
    public static function named(string $key): self
    {
        return new self(\sprintf('Unknown technique “%s”.', $key));
    }
}
