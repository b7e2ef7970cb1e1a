<?php

declare(strict_types=1);

namespace Inlaid\Core\Eye;

/**
 * What a painter said to a question, and what was so: places among its options.
 *
 * Immutable. `at` in seconds.
 */
final readonly class EyeAnswer
{
    public function __construct(public EyeKind $kind, public int $at, public int $truth, public int $said)
    {
    }

    public function isRight(): bool
    {
        return $this->truth === $this->said;
    }
}
