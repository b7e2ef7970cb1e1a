<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Overspray;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\WearsOut;
use Inlaid\Core\Technique\Workmanship;

/**
 * Cleared from the flat with a clean cloth or clear wax, it stays in corners, mouldings and pores.
 *
 * Recesses and pores keep five times what a cleared flat does, edges next to nothing.
 */
final class WaxedInRecesses implements Technique
{
    public function key(): string
    {
        return 'waxed-recesses';
    }

    public function name(): string
    {
        return 'Recesses waxed';
    }

    public function does(): string
    {
        return 'Rub coloured wax into recesses and wipe the flat areas clean.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.05,
            left: 0.15,
            wipedOn: 0.0,
            loss: 0.15,
            holdUp: 4.0,
            reach: Overspray::Nowhere,
            wears: WearsOut::rag(0.8),
            tools: [Tool::Brush, Tool::DryRag, Tool::Finger],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::of(
            spread: Spread::Strokes,
            field: [[0.6, 0.5], [0.4, 1.2]],
            edge: [[1.0, 0.2]],
            recess: [[1.0, 5.0]],
            pore: [[1.0, 4.0]],
        )->settling();
    }
}
