<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Technique\Direction;
use Inlaid\Core\Technique\Tool;

/**
 * The scratches of the last paper: of which step, which way, and made with what.
 *
 * Immutable.
 */
final readonly class Marks
{
    public function __construct(public string $stepId, public int $grit, public ?Direction $direction, public ?Tool $tool)
    {
    }
}
