<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

use Inlaid\App\Exchange\RawJson;

/**
 * What is other than usual, to see what would be: more hours, a helper, warmer air.
 */
final readonly class DaysAsked
{
    /**
     * @param RawJson|null $context schema context
     */
    public function __construct(public ?RawJson $context = null)
    {
    }
}
