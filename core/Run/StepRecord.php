<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

/**
 * A step as it was made, as far as it was noted.
 *
 * Immutable. `minutes` of hands and `ml` poured, null where that was not noted; `colours` as they were seen, in order.
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
        public ?float $ml,
        public array $colours,
    ) {
    }

    public static function times(int $count): string
    {
        return 1 === $count ? 'once' : "$count times";
    }
}
