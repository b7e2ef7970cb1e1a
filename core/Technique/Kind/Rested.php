<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Manner;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;

/**
 * Nobody works; time passes.
 */
final class Rested implements Technique
{
    public function key(): string
    {
        return 'rested';
    }

    public function name(): string
    {
        return 'Left to dry or cure';
    }

    public function does(): string
    {
        return 'Leave the piece alone for the stated time.';
    }

    public function figures(): TechniqueProfile
    {
        return TechniqueProfile::waiting();
    }

    public function pattern(Manner $manner): Pattern
    {
        return Pattern::even();
    }
}
