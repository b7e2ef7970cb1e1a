<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

/**
 * What is being finished: so many alike, each of these parts.
 *
 * Immutable.
 */
final readonly class Piece
{
    /**
     * @param non-empty-list<PiecePart> $parts
     */
    private function __construct(public string $name, public int $count, public array $parts)
    {
    }

    /**
     * @param list<PiecePart> $parts
     *
     * @throws RecipeRefusal if there is no part, a part is there twice or the count cannot be true
     */
    public static function of(string $name, int $count, array $parts): self
    {
        if ($count < 1 || $count > 1000) {
            throw RecipeRefusal::outOfRange('The number of pieces', 'between 1 and 1000');
        }
        $seen = [];
        foreach ($parts as $part) {
            if (isset($seen[$part->id])) {
                throw RecipeRefusal::twice('The part', $part->id);
            }
            $seen[$part->id] = true;
        }

        return [] === $parts ? throw RecipeRefusal::outOfRange('A piece', 'made of at least one part') : new self($name, $count, $parts);
    }
}
