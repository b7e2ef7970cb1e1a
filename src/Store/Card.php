<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

/**
 * What a chip in the book shows of a recipe.
 */
final readonly class Card
{
    /**
     * @param list<string>          $colours full-strength, in the order they are laid
     * @param array<string, string> $look    by zone, as the largest faces will look in the end; empty where it was not worked out yet
     */
    public function __construct(public string $piece, public int $count, public string $ground, public string $groundColour, public array $colours, public int $steps, public array $look)
    {
    }
}
