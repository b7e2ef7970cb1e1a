<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

/**
 * So many parts of a paint.
 *
 * Immutable.
 */
final readonly class MatchPart
{
    public function __construct(public string $materialId, public string $name, public int $parts)
    {
    }
}
