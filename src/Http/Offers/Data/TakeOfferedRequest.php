<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers\Data;

use Inlaid\App\Http\Api\Field\Length;

/**
 * Which of the pieces that a client was shown becomes a recipe.
 */
final readonly class TakeOfferedRequest
{
    public function __construct(#[Length(1)] public string $label)
    {
    }
}
