<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

/**
 * What comes out a little otherwise than it was meant.
 */
enum Slip: string
{
    case Thicker = 'thicker';
    case Thinner = 'thinner';
    case Longer = 'longer';
    case Shorter = 'shorter';
    case Thirstier = 'thirstier';

    /** How much of the film is there against what was meant: a fifth more or less; left twice or half as long, by the root of the time. */
    public function film(): float
    {
        return match ($this) {
            self::Thicker => 1.2, self::Thinner => 1 / 1.2, self::Longer => \M_SQRT2, self::Shorter => \M_SQRT1_2, self::Thirstier => 1.0,
        };
    }
}
