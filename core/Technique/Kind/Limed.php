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
 * Worked in across the grain and cleared: what stays is what the pores hold.
 *
 * Pores stay as good as full, which is six times what a cleared flat keeps.
 */
final class Limed implements Technique
{
    public function key(): string
    {
        return 'limed';
    }

    public function name(): string
    {
        return 'Limed';
    }

    public function does(): string
    {
        return 'Work a white wax, paste or paint into the pores and clear the surface.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.05,
            laid: 1.2,
            left: 0.12,
            wipedOn: 0.0,
            loss: 0.15,
            reach: Overspray::Nowhere,
            wears: WearsOut::rag(0.6),
            wet: true,
            can: [Ability::RubsWet],
            tools: [Tool::DryRag, Tool::Brush, Tool::Squeegee, Tool::SteelWool],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::of(
            spread: Spread::Strokes,
            field: [[0.7, 0.6], [0.3, 1.9]],
            edge: [[1.0, 0.3]],
            recess: [[1.0, 2.5]],
            pore: [[1.0, 6.0]],
        )->settling();
    }
}
