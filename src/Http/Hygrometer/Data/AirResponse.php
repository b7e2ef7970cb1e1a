<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Hygrometer\Data;

/**
 * Show the climate of a place, in °C and % relative humidity, and when; whether it is the simulated one.
 */
final readonly class AirResponse
{
    public function __construct(
        public ?string $place,
        public string $at,
        public float $temperature,
        public float $humidity,
        public bool $simulated,
    ) {
    }
}
