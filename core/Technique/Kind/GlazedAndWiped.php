<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Direction;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\WearsOut;
use Inlaid\Core\Technique\Workmanship;

/**
 * Glaze is laid sparingly and mostly wiped away on the flat.
 *
 * The cloth leaves streaks, a light hand fewer; it takes most from edges and least from recesses, where nearly all of the glaze stays.
 */
final class GlazedAndWiped implements Technique
{
    public function key(): string
    {
        return 'glazed-wiped';
    }

    public function name(): string
    {
        return 'Glazed and wiped';
    }

    public function does(): string
    {
        return 'Brush on a glaze and wipe it back so it stays in recesses and pores.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.06,
            laid: 0.8,
            left: 0.3,
            wipedOn: 0.0,
            loss: 0.1,
            wears: WearsOut::rag(0.8),
            wet: true,
            can: [Ability::RubsWet],
            tools: [Tool::Brush, Tool::DampRag, Tool::DryRag, Tool::Sponge, Tool::Squeegee, Tool::FoamRoller],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        $pore = match ($manner->strokes) {
            Direction::Along => 1.7, Direction::Across => 2.8, default => 2.2,
        };
        $streaks = min(0.9, 0.55 * $manner->hand->factor());

        return Pattern::of(
            spread: Spread::Strokes,
            field: [[0.35, 1 - $streaks], [0.3, 1.0], [0.35, 1 + $streaks]],
            edge: [[1.0, 0.3]],
            recess: [[1.0, 2.8]],
            pore: [[1.0, $pore]],
        )->settling();
    }
}
