<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots\Data;

use Inlaid\App\Http\Api\Field\Length;

/**
 * What is taken from a pot, such as "120 ml"; null for all of it.
 */
final readonly class TakeFromPotRequest
{
    public function __construct(public ?string $amount = null, #[Length(400)] public string $note = '')
    {
    }
}
