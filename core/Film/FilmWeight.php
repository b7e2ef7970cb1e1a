<?php

declare(strict_types=1);

namespace Inlaid\Core\Film;

/**
 * How heavily a coat is laid, against the normal coat of the label.
 */
enum FilmWeight: string
{
    case Thin = 'thin';
    case Normal = 'normal';
    case Heavy = 'heavy';

    /**
     * Wet film against a normal coat; typical of what a practised hand lays thin or heavy.
     */
    public function factor(): float
    {
        return match ($this) {
            self::Thin => 0.7, self::Normal => 1.0, self::Heavy => 1.4
        };
    }
}
