<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs\Data;

/**
 * Something that is done in one go on a piece: a coat, or `half` of one, in words, where it is turned or left to dwell;
 * `pours` whether it takes something from a pot.
 */
final readonly class RunAct
{
    public function __construct(
        public string $step,
        public int $coat,
        public int $lay,
        public int $minutes,
        public ?string $half,
        public bool $pours,
    ) {
    }
}
