<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers\Data;

/**
 * A finished piece that a client is shown; `recipe` the one in the book that it is, null where it was only proposed.
 */
final readonly class OfferedSummary
{
    public function __construct(public string $label, public string $name, public ?string $recipe)
    {
    }
}
