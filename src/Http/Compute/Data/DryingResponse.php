<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\Core\Drying\Forecast;

/**
 * The forecast; null for what does not dry.
 */
final readonly class DryingResponse
{
    public function __construct(public ?Forecast $drying)
    {
    }
}
