<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Scale;

/**
 * What lies on the scale now, in g; or how much more is poured onto it.
 */
final readonly class Load
{
    public function __construct(public ?float $grams = null, public ?float $more = null)
    {
    }
}
