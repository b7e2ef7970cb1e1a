<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Symfony\Component\DependencyInjection\Attribute\Exclude;

/**
 * What a page calls one booking, so that it is booked once however often it is sent.
 *
 * Immutable. `request` a hash of what was asked under that key.
 */
#[Exclude]
final readonly class Booking
{
    public function __construct(public string $key, public string $request)
    {
    }
}
