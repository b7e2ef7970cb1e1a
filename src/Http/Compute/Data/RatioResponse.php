<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\Core\Measure\Reading;

/**
 * Every sensible reading, the usual one first.
 */
final readonly class RatioResponse
{
    /**
     * @param list<Reading> $readings
     */
    public function __construct(public array $readings)
    {
    }
}
