<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * Where a piece will stand.
 */
enum Place: string
{
    case Dry = 'dry';
    case Wet = 'wet';
    case Covered = 'covered';
    case Weather = 'weather';

    public function inWords(): string
    {
        return match ($this) {
            self::Dry => 'a dry room',
            self::Wet => 'a kitchen or bath',
            self::Covered => 'outdoors under a roof',
            self::Weather => 'outdoors in the open',
        };
    }

    /**
     * By how many % the moisture of the wood swings between the seasons. Typical: heated rooms 4, rooms that steam 5,
     * outdoors 6 under a roof and 8 in the open.
     */
    public function swing(): float
    {
        return match ($this) {
            self::Dry => 4.0, self::Wet => 5.0, self::Covered => 6.0, self::Weather => 8.0,
        };
    }

    public function isOutdoors(): bool
    {
        return self::Covered === $this || self::Weather === $this;
    }
}
