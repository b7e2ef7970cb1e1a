<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api\Field;

/**
 * An id: letters, digits and hyphens.
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Id
{
}
