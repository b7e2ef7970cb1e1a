<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers\Data;

use Inlaid\App\Http\Api\Field\Length;

/**
 * The one choice of a link, and what the client says to it.
 */
final readonly class ChoosePieceRequest
{
    public function __construct(#[Length(1)] public string $label, #[Length(1000)] public string $comment = '')
    {
    }
}
