<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

/**
 * One way to understand a ratio somebody wrote down, with a sentence that says which.
 *
 * Immutable.
 */
final readonly class Reading
{
    public function __construct(public string $key, public string $sentence, public Ratio $ratio)
    {
    }
}
