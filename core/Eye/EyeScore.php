<?php

declare(strict_types=1);

namespace Inlaid\Core\Eye;

/**
 * How well a painter's eye answers one kind of question.
 *
 * Immutable. `bias` in steps of the ladder, in coats, or in answers: below 0 a mix is read as thicker, fewer coats are seen, what shows is
 * called buried; nine times in ten it lies from `low` to `high`; null where answers have no order or are too few. `inWords` says it, also
 * where none is found.
 */
final readonly class EyeScore
{
    /**
     * @param list<EyeWeek> $weeks the oldest first
     */
    public function __construct(
        public EyeKind $kind,
        public string $name,
        public int $answered,
        public int $right,
        public ?float $bias,
        public ?float $low,
        public ?float $high,
        public bool $isBiased,
        public string $inWords,
        public array $weeks,
    ) {
    }
}
