<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots\Data;

use Inlaid\App\Http\Api\Field\Id;

/**
 * So much of a pot, such as "60 ml"; null for all of it.
 */
final readonly class PotShare
{
    public function __construct(#[Id] public string $pot, public ?string $amount = null)
    {
    }
}
