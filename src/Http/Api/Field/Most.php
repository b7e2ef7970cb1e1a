<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api\Field;

/**
 * The most items a list may have.
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Most
{
    public function __construct(public int $items)
    {
    }
}
