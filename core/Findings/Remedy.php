<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings;

/**
 * A way to clear a finding: what it says it does, and the changes that do it.
 *
 * Immutable.
 */
final readonly class Remedy
{
    /** @var non-empty-list<Edit> */
    public array $edits;

    public function __construct(public string $key, public string $text, Edit ...$edits)
    {
        $all = array_values($edits);
        \assert([] !== $all);
        $this->edits = $all;
    }
}
