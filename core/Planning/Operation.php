<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * One thing done in one go, and what must or may pass before the next.
 *
 * Immutable. Minutes throughout. `leastWait` and `overnight` both hold; `mostWait` is the latest start of the next one;
 * `lay` 2 where a coat goes on on the other side, after turning.
 */
final readonly class Operation
{
    public function __construct(
        public string $stepId,
        public int $coat,
        public int $handsOn,
        public int $leastWait,
        public bool $overnight = false,
        public ?int $mostWait = null,
        public int $lay = 1,
    ) {
    }
}
