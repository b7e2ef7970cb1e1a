<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Hygrometer\Data;

use Inlaid\App\Http\Api\Field\Id;

/**
 * What a real hygrometer measures in a place, °C and % relative humidity; in the usual one where none is named.
 */
final readonly class AirRequest
{
    public function __construct(public float $temperature, public float $humidity, #[Id] public ?string $place = null)
    {
    }
}
