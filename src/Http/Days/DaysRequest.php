<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

use Inlaid\App\Exchange\RawJson;

/**
 * What is other than usual, to see what would be: other hours, a helper; heated to so many °C, a fan; one more coat of a step of a piece.
 */
final readonly class DaysRequest
{
    /**
     * @param RawJson|null $context schema context
     */
    public function __construct(
        public ?RawJson $context = null,
        public ?float $heat = null,
        public bool $fan = false,
        public ?CoatMore $coat = null,
    ) {
    }
}
