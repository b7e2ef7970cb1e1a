<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

/**
 * One thing a board can vary, in one step or, where `step` is null, in the whole board: the levels to choose from, none where they are
 * typed, and those to begin with.
 */
final readonly class BoardVariable
{
    /**
     * @param list<LevelInWords> $options
     * @param list<string>       $levels
     */
    public function __construct(
        public string $thing,
        public string $name,
        public string $tells,
        public ?string $step,
        public ?string $standing,
        public array $options,
        public array $levels,
    ) {
    }
}
