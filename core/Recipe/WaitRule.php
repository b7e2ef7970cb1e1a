<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

/**
 * How long to wait after a step.
 *
 * Immutable. `minutes` only with a stated time.
 */
final readonly class WaitRule
{
    private function __construct(public WaitUntil $until, public int $minutes)
    {
    }

    /**
     * @throws InvalidRecipe if the minutes are missing or beyond three months
     */
    public static function of(WaitUntil $until, ?int $minutes = null): self
    {
        if (WaitUntil::Minutes === $until && (null === $minutes || $minutes < 0 || $minutes > 131400)) {
            throw InvalidRecipe::outOfRange('The wait', 'between 0 minutes and 3 months');
        }

        return new self($until, WaitUntil::Minutes === $until ? (int) $minutes : 0);
    }
}
