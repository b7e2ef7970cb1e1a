<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

/**
 * What a chip in the book shows of a recipe.
 */
final readonly class Card
{
    /**
     * @param list<string> $colours full-strength, in the order they are laid
     */
    public function __construct(public string $piece, public int $count, public string $ground, public string $groundColour, public array $colours, public int $steps)
    {
    }
}
