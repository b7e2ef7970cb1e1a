<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Between;

/**
 * What is other than usual, to see what would be: other hours, a helper; heated to so many °C, a fan; one more coat of a step of a piece.
 */
final readonly class DaysRequest
{
    /**
     * @param Document|null $context schema context
     */
    public function __construct(
        public ?Document $context = null,
        #[Between(5, 35, 'Enter 5 to 35 °C')]
        public ?float $heat = null,
        public bool $fan = false,
        public ?ExtraCoat $coat = null,
    ) {
    }
}
