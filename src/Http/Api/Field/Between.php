<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api\Field;

/**
 * From which to which a number may be, both included, and what is said where it isn't.
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Between
{
    public function __construct(public float $least, public float $most, public string $says)
    {
    }
}
