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
 * Typically a third of a wash stays after one wiping with a folded cloth; the rest leaves with the rag, so it is
 * needed but makes no film.
 *
 * The cloth leaves streaks on the flat, bares edges and spares recesses. Across the grain it packs the pores; along it, it pulls some out
 * again.
 */
final class WashedAndWiped implements Technique
{
    public function key(): string
    {
        return 'washed-wiped';
    }

    public function name(): string
    {
        return 'Wash, wiped back';
    }

    public function does(): string
    {
        return 'Brush on a thin wash, leave it, wipe back.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.07,
            left: 0.35,
            wipedOn: 0.9,
            loss: 0.1,
            wears: WearsOut::rag(0.8),
            wet: true,
            can: [Ability::RubsWet],
            tools: [Tool::Brush, Tool::DampRag, Tool::Sponge, Tool::FoamRoller, Tool::Gun],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        [$flat, $pore] = match ($manner->strokes) {
            Direction::Along => [1.0, 1.6], Direction::Across => [0.9, 2.8], default => [1.0, 2.2],
        };

        return Pattern::of(
            spread: Spread::Strokes,
            field: [[0.3, 0.5 * $flat], [0.4, $flat], [0.3, 1.5 * $flat]],
            edge: [[1.0, 0.4]],
            recess: [[1.0, 2.0]],
            pore: [[1.0, $pore]],
        )->settling();
    }
}
