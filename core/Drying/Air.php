<?php

declare(strict_types=1);

namespace Inlaid\Core\Drying;

/**
 * How much the air moves over the piece. The factor shortens the loss of water only.
 */
enum Air: string
{
    case Still = 'still';
    case Moving = 'moving';
    case Fan = 'fan';

    public function factor(): float
    {
        return match ($this) {
            self::Still => 1.0, self::Moving => 0.8, self::Fan => 0.65
        };
    }
}
