<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers\Data;

/**
 * The recipe that a piece became which a client was shown.
 */
final readonly class OfferTaken
{
    public function __construct(public string $recipe)
    {
    }
}
