<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice;

/**
 * A question on which the trade disagrees. One class each; its answer always changes what is worked out.
 */
interface Practice
{
    /** The name it has in documents: small letters and hyphens. */
    public function key(): string;

    public function question(): string;

    /**
     * @return non-empty-list<Choice> the usual one first
     */
    public function choices(): array;

    /**
     * What the answer changes.
     */
    public function apply(WorkingDefaults $habits, string $choice): WorkingDefaults;
}
