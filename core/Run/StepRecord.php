<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

/**
 * A step as it was made, as far as it was noted.
 *
 * Immutable. `minutes` of hands, and as many as were `planned` of the same, and `ml` poured, null where that was not noted; `colours` as
 * they were seen, in order;
 * `expected` the one that was to come, and how far the last is `apart` from it in words, null where none was seen.
 */
final readonly class StepRecord
{
    /**
     * @param list<string> $colours
     */
    public function __construct(
        public string $step,
        public string $name,
        public int $coats,
        public ?int $minutes,
        public ?int $planned,
        public ?float $ml,
        public array $colours,
        public ?string $expected = null,
        public ?string $apart = null,
    ) {
    }

    public static function times(int $count): string
    {
        return 1 === $count ? 'once' : "$count times";
    }
}
