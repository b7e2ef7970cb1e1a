<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

/**
 * What a step is for; for broken cover also how much of the ground is to show.
 *
 * Immutable. `shows` is a share of the surface, 0 to 1.
 */
final readonly class Intent
{
    private function __construct(public Purpose $purpose, public ?float $shows)
    {
    }

    /**
     * @throws InvalidRecipe if the share shown is none
     */
    public static function of(Purpose $purpose, ?float $shows = null): self
    {
        if (null !== $shows && ($shows < 0.0 || $shows > 1.0)) {
            throw InvalidRecipe::outOfRange('The surface left showing', 'between 0 and 1');
        }

        return new self($purpose, $shows);
    }
}
