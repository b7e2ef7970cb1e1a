<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Overspray;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * Of what leaves a small low-pressure gun about two thirds meet the piece; the rest is overspray. Films are
 * thin, the work is fast.
 *
 * An edge gets it from two passes; air pushes it out of recesses.
 */
final class Sprayed implements Technique
{
    public function key(): string
    {
        return 'sprayed';
    }

    public function name(): string
    {
        return 'Sprayed';
    }

    public function does(): string
    {
        return 'Spray even, overlapping passes.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.5,
            laid: 0.7,
            loss: 0.35,
            holdUp: 30.0,
            reach: Overspray::Sprays,
            tools: [Tool::Gun, Tool::Can],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even(edge: 1.1, recess: 0.8, pore: 0.9);
    }
}
