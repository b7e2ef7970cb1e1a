<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

/**
 * One way to keep a joint running, and the gap in mm it would leave.
 *
 * Immutable. `enough` whether that is the least running gap or more; `stepId` for a step that would have a coat fewer.
 */
final readonly class FitRemedy
{
    public function __construct(public FitEdit $edit, public ?string $stepId, public string $text, public float $gap, public bool $enough)
    {
    }
}
