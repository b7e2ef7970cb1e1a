<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

/**
 * When a patch is laid and wiped in its round: seconds from the round's start.
 *
 * Immutable. `wipe` null where it is not wiped; `pot` the number of the pot it is laid from; `how` what is done otherwise on it than on
 * others, in words.
 */
final readonly class PatchTurn
{
    public function __construct(
        public string $patch,
        public int $lay,
        public int $laid,
        public ?int $wipe,
        public int $done,
        public ?int $pot,
        public string $how,
    ) {
    }
}
