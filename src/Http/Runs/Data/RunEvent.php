<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs\Data;

use Inlaid\Core\Run\EventKind;

/**
 * Something that was noted, as far as it tells how far the run has come; `at` in seconds since 1970.
 */
final readonly class RunEvent
{
    public function __construct(
        public string $id,
        public int $at,
        public EventKind $kind,
        public ?string $step,
        public int $coat,
        public int $lay,
        public ?string $retracts,
    ) {
    }
}
