<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

use Inlaid\Core\Edit\Edit;

/**
 * Something that was made otherwise than planned.
 *
 * Immutable. `takes` whether the recipe can be changed so that it is planned as it was made.
 */
final readonly class Deviation
{
    public bool $takes;

    /**
     * @param list<Edit> $edits
     */
    public function __construct(
        public string $key,
        public string $step,
        public string $name,
        public string $words,
        private array $edits = [],
    ) {
        $this->takes = [] !== $edits;
    }

    /**
     * @return list<Edit>
     */
    public function edits(): array
    {
        return $this->edits;
    }
}
