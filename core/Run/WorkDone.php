<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

use Inlaid\Core\Planning\WorkKey;

/**
 * A coat, or a lay of one, as far as it has come.
 *
 * Immutable. Seconds since 1970: `started` null where that was not noted, `finished` null while it goes on, `dried` null unless somebody
 * saw it become dry.
 */
final readonly class WorkDone
{
    public function __construct(
        public string $step,
        public int $coat,
        public int $lay,
        public ?int $started,
        public ?int $finished,
        public ?int $dried = null,
    ) {
    }

    public function key(): string
    {
        return (string) new WorkKey($this->step, $this->coat, $this->lay);
    }
}
