<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

/**
 * Something worth knowing about a step, in one sentence with its numbers.
 *
 * Immutable.
 */
final readonly class Remark
{
    public function __construct(public Severity $severity, public string $text)
    {
    }
}
