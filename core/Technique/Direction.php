<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * Which way an abrasive is led over wood: its scratches hide among the fibres only where they run with them.
 */
enum Direction: string
{
    case Along = 'along';
    case Across = 'across';
    case Any = 'any';

    public function inWords(): string
    {
        return match ($this) {
            self::Along => 'with the grain', self::Across => 'across the grain', self::Any => 'any direction',
        };
    }
}
