<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Material\Material;

/**
 * What brings a pot to the wanted ratio: pour off first, then add; and what the part that was poured off would need for the same.
 *
 * Immutable. `yield` in ml afterwards, 0 where the ratio cannot be reached at all; `kept` what stays in the pot; `short` what runs out, and
 * `nearest` what can be had
 * without pouring off, null where nothing runs out.
 */
final readonly class Correction
{
    /**
     * @param list<Material> $short
     */
    public function __construct(
        public BigRational $yield,
        public Contents $kept,
        public Contents $add,
        public Contents $pouredOff,
        public Contents $addToPouredOff,
        public array $short,
        public ?NearestRatio $nearest,
    ) {
    }

    public function isReached(): bool
    {
        return $this->yield->isPositive();
    }
}
