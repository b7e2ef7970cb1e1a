<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

/**
 * What a chip in the book shows of a recipe.
 */
final readonly class Card
{
    /**
     * @param array<string, string> $look by zone, as the largest part will look in the end
     */
    public function __construct(public string $piece, public int $count, public string $ground, public int $steps, public array $look)
    {
    }
}
