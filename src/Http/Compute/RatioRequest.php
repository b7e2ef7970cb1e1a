<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\Core\Mixing\Basis;

/**
 * A ratio as it was written, and the ingredients it is of, in pouring order.
 */
final readonly class RatioRequest
{
    /**
     * @param list<string> $names
     */
    public function __construct(public string $text, public array $names, public Basis $basis = Basis::ByVolume)
    {
    }
}
