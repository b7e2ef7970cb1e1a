<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Field\Length;
use Inlaid\App\Http\Api\Field\Most;
use Inlaid\Core\Mixing\Basis;

/**
 * A ratio as it was written, and the ingredients it is of, in pouring order.
 */
final readonly class RatioRequest
{
    /**
     * @param list<string> $names
     */
    public function __construct(#[Length(60)] public string $text, #[Most(30)] public array $names, public Basis $basis = Basis::ByVolume)
    {
    }
}
