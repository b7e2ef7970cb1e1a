<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * The places of a face that a finish meets differently: the flat, what stands out, what lies back, and the pores of the wood.
 */
enum Zone: string
{
    case Field = 'field';
    case Edge = 'edge';
    case Recess = 'recess';
    case Pore = 'pore';

    public function inWords(): string
    {
        return match ($this) {
            self::Field => 'flat areas', self::Edge => 'edges', self::Recess => 'recesses', self::Pore => 'pores',
        };
    }
}
