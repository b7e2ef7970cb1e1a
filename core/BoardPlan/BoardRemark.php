<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

use Inlaid\Core\Batch\Severity;

/**
 * Something worth knowing about a board, and the patches it is about.
 *
 * Immutable.
 */
final readonly class BoardRemark
{
    /**
     * @param list<string> $patches
     */
    public function __construct(public Severity $severity, public array $patches, public string $text)
    {
    }
}
