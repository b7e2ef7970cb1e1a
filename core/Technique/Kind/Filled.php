<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Overspray;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * Holes and dents are a small part of a piece; the time goes into pressing in and levelling.
 */
final class Filled implements Technique
{
    public function key(): string
    {
        return 'filled';
    }

    public function name(): string
    {
        return 'Filled';
    }

    public function does(): string
    {
        return 'Press filler into holes and level it.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.02,
            cover: 0.02,
            laid: 1.0,
            loss: 0.2,
            holdUp: 2.0,
            reach: Overspray::Nowhere,
            can: [Ability::Fills],
            tools: [Tool::PlasticScraper, Tool::MetalScraper, Tool::Finger, Tool::Squeegee],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::of(
            spread: Spread::Patches,
            field: [[0.02, 1.0], [0.98, 0.0]],
            edge: [[1.0, 0.0]],
            recess: [[1.0, 0.0]],
            pore: [[1.0, 0.0]],
        );
    }
}
