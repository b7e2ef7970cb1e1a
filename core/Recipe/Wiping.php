<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

/**
 * What a wet coat is wiped off with.
 */
enum Wiping: string
{
    case Dry = 'dry';
    case Damp = 'damp';
    /** With grooves, or loops. */
    case Towel = 'towel';

    public function inWords(): string
    {
        return match ($this) {
            self::Dry => 'a dry cloth', self::Damp => 'a damp cloth', self::Towel => 'a grooved towel',
        };
    }

    /** How much stays against a dry cloth: a damp one thins it and takes more along. Typical. */
    public function leaves(): float
    {
        return self::Damp === $this ? 0.65 : 1.0;
    }
}
