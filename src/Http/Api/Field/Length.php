<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api\Field;

/**
 * The most characters a text may have.
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Length
{
    public function __construct(public int $most)
    {
    }
}
