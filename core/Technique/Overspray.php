<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * How what is laid in a step gets to parts that it is not meant for.
 */
enum Overspray: string
{
    case Nowhere = 'nowhere';
    case Creeps = 'creeps';
    case Drips = 'drips';
    case Sprays = 'sprays';

    public function inWords(): string
    {
        return match ($this) {
            self::Nowhere => 'does not reach', self::Creeps => 'creeps onto', self::Drips => 'drips on', self::Sprays => 'sprays on',
        };
    }
}
