<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\WearsOut;
use Inlaid\Core\Technique\Workmanship;

/**
 * Wiping twice with a cloth, turning it often.
 */
final class Cleaned implements Technique
{
    public function key(): string
    {
        return 'cleaned';
    }

    public function name(): string
    {
        return 'Cleaned';
    }

    public function does(): string
    {
        return 'Wash off grease and dirt with a cleaner.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::altering(
            rate: 0.15,
            takesMaterial: true,
            wears: WearsOut::rag(1.5),
            can: [Ability::Cleans],
            tools: [Tool::DampRag, Tool::Sponge, Tool::Brush, Tool::NylonPad, Tool::SteelWool, Tool::BronzeBrush],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even();
    }
}
