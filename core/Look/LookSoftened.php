<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

/**
 * A step that evens out what steps before it made lively.
 *
 * Immutable.
 */
final readonly class LookSoftened
{
    /**
     * @param array<string, float> $lost the share that is gone, by zone: of the contrast within the flat, and of what others stand out
     *                                   against it
     */
    public function __construct(public string $stepId, public array $lost)
    {
    }
}
