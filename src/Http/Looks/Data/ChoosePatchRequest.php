<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Looks\Data;

use Inlaid\App\Http\Api\Field\Length;

/**
 * The one choice of a link, and what the client says to it.
 */
final readonly class ChoosePatchRequest
{
    public function __construct(#[Length(10)] public string $patch, #[Length(1000)] public string $comment = '')
    {
    }
}
