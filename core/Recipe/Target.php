<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

use Inlaid\Core\Colour\Colour;

/**
 * What the finish is to look like in the end: a colour for the flat, and for other zones where they are to differ.
 *
 * Immutable. `parts` ids of those it holds for; none means all of them.
 */
final readonly class Target
{
    /**
     * @param non-empty-array<string, Colour> $colours by zone
     * @param list<string>                    $parts
     */
    private function __construct(public string $name, public array $colours, public array $parts)
    {
    }

    /**
     * @param array<string, Colour> $colours by zone
     * @param list<string>          $parts
     *
     * @throws InvalidRecipe if there is no colour at all
     */
    public static function of(string $name, array $colours, array $parts = []): self
    {
        return [] === $colours ? throw InvalidRecipe::emptyTarget() : new self($name, $colours, $parts);
    }

    public function isFor(string $part): bool
    {
        return [] === $this->parts || \in_array($part, $this->parts, true);
    }
}
