<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Workmanship;

/**
 * Only coats that water dissolves again can be worked so.
 */
final class Rewetted implements Technique
{
    public function key(): string
    {
        return 're-wetted';
    }

    public function name(): string
    {
        return 'Re-wetted';
    }

    public function does(): string
    {
        return 'Mist a dry coat and rework it with brush or cloth.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::altering(rate: 0.08, takesMaterial: false);
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even();
    }
}
