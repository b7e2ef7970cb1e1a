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
 * A wrung-out cloth, and a second one that stays clean.
 */
final class Rinsed implements Technique
{
    public function key(): string
    {
        return 'rinsed';
    }

    public function name(): string
    {
        return 'Rinsed';
    }

    public function does(): string
    {
        return 'Remove residue with clean water, or the thinner on the label.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::altering(
            rate: 0.25,
            takesMaterial: true,
            wears: WearsOut::rag(1.5),
            can: [Ability::Rinses],
            tools: [Tool::DampRag, Tool::Sponge],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even();
    }
}
