<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

/**
 * A step that is done again until something is so: how often at least and at most, and what is done if it is not so even then.
 *
 * Immutable. `otherwise` is the id of a later step that is done only in that case; null to go on with what follows. How often is
 * expected stands in the step, as its coats.
 */
final readonly class Repeat
{
    private function __construct(public Criterion $until, public int $least, public int $most, public ?string $otherwise)
    {
    }

    /**
     * @throws InvalidRecipe if the rounds are out of order
     */
    public static function of(Criterion $until, int $least, int $most, ?string $otherwise = null): self
    {
        return $least < 1 || $most > Step::MOST_COATS || $least > $most
            ? throw InvalidRecipe::outOfRange(
                'The passes',
                \sprintf('from 1 to %d, with the minimum not above the maximum', Step::MOST_COATS),
            )
            : new self(until: $until, least: $least, most: $most, otherwise: $otherwise);
    }
}
