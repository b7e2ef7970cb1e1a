<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Hygrometer;

use Inlaid\App\Device\Hygrometer;
use Inlaid\App\Http\Hygrometer\Data\AirResponse;
use Inlaid\Core\Context\Context;

/**
 * Reads the hygrometer of a place as it is now.
 */
final readonly class ReadAir
{
    public function __construct(private Hygrometer $hygrometer)
    {
    }

    public function read(?string $place, Context $context): AirResponse
    {
        [$climate, $simulated] = $this->hygrometer->read($place, $context->now, $context);

        return new AirResponse(
            place: $place,
            at: $context->working->iso($context->now),
            temperature: round($climate->temperature, 1),
            humidity: round($climate->humidity, 1),
            simulated: $simulated,
        );
    }
}
