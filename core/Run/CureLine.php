<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

/**
 * A film, and when it has dried through and cured.
 *
 * Immutable.
 */
final readonly class CureLine
{
    public function __construct(public string $name, public string $laid, public ?string $dry, public ?string $cured)
    {
    }
}
