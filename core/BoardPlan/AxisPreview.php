<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

use Inlaid\Core\Board\Axis;

/**
 * What the rows or the columns of a board vary, in words.
 *
 * Immutable.
 */
final readonly class AxisPreview
{
    /**
     * @param list<string> $heads
     */
    public function __construct(public string $name, public string $tells, public array $heads)
    {
    }

    public static function of(Axis $axis): self
    {
        return new self($axis->name(), $axis->thing->tells(), $axis->heads);
    }
}
