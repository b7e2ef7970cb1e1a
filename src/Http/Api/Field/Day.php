<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api\Field;

/**
 * A day without a time, which travels as 2026-11-25.
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Day
{
}
