<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Manner;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;

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
        return 'Mist a dry coat and work it again with brush or cloth.';
    }

    public function figures(): TechniqueProfile
    {
        return TechniqueProfile::altering(rate: 0.08, takesMaterial: false);
    }

    public function pattern(Manner $manner): Pattern
    {
        return Pattern::even();
    }
}
