<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

use Inlaid\Core\Planning\Minutes;
use Inlaid\Core\Planning\Wait;

/**
 * What of a coat is done in one go: a side of parts that are turned, the laying of what is left to dwell, or its wiping.
 *
 * Immutable. `number` from 1; `side` 2 for what lies below at first; `minutes` of hands; `half` as it is told, null where a coat is done in
 * one go; `pours` whether it
 * uses the pot; `wait` what must pass between the one before on the same side and this, and `most` minutes it may at most, null for any;
 * `isLast` of its side.
 */
final readonly class Lay
{
    public function __construct(
        public int $number,
        public int $side,
        public int $minutes,
        public ?string $half = null,
        public bool $pours = true,
        public Wait $wait = new Minutes(0),
        public ?int $most = null,
        public bool $isLast = true,
    ) {
    }
}
