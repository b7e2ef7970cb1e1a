<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes\Data;

use Inlaid\App\Http\Api\Field\Length;

/**
 * Publish the draft of this version, with a short reason.
 */
final readonly class SaveRevisionRequest
{
    public function __construct(public int $version, #[Length(300)] public string $reason)
    {
    }
}
