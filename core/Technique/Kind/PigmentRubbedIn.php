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
use Inlaid\Core\Technique\WearsOut;
use Inlaid\Core\Technique\Workmanship;

/**
 * Powder is worked into the wax or glaze below while that is wet: it catches in what lies low and is wiped off what stands proud.
 *
 * A twentieth of a coat as a scoop of it lies, for the wet coat below binds only so much; typical.
 */
final class PigmentRubbedIn implements Technique
{
    public function key(): string
    {
        return 'pigment-rubbed-in';
    }

    public function name(): string
    {
        return 'Dry pigment rubbed in';
    }

    public function does(): string
    {
        return 'Dust dry pigment onto wet wax or glaze, work it into the recesses and wipe off what is loose.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.06,
            laid: 0.1,
            left: 0.5,
            wipedOn: 0.0,
            loss: 0.3,
            holdUp: 1.0,
            reach: Overspray::Nowhere,
            wears: WearsOut::rag(0.8),
            tools: [Tool::Brush, Tool::Finger, Tool::DryRag],
            can: [Ability::RubsWet, Ability::GoesIntoWet],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::of(
            spread: Spread::Patches,
            field: [[0.5, 0.3], [0.5, 0.9]],
            edge: [[1.0, 0.2]],
            recess: [[1.0, 3.0]],
            pore: [[1.0, 2.5]],
        )->settling();
    }
}
