<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * How far a technique is taken: how much is rubbed off, lifted or touched. How thick a coat is laid is its weight.
 */
enum Hand: string
{
    case Light = 'light';
    case Middle = 'middle';
    case Heavy = 'heavy';

    /** Against the middle; typical. */
    public function factor(): float
    {
        return match ($this) {
            self::Light => 0.6, self::Middle => 1.0, self::Heavy => 1.6
        };
    }
}
