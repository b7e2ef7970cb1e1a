<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Layout\LayoutKind;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * A dry picture that sticks by itself: rubbed down from its carrier, burnished, and sealed later. The ground shows between its figures.
 */
final class Transferred implements Technique
{
    /** The share of the flat that figures cover where nobody measured it; typical of a garland. */
    private const FIGURES = 0.4;

    public function key(): string
    {
        return 'transferred';
    }

    public function name(): string
    {
        return 'Rub-on transfer';
    }

    public function does(): string
    {
        return 'Rub down a dry transfer, lift its carrier and burnish it. Cut pieces meet at the joints. Seal it later.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::applying(rate: 0.02, cover: self::FIGURES, tools: [Tool::Hand], laidOut: [LayoutKind::Sheets]);
    }

    public function pattern(Workmanship $manner): Pattern
    {
        $share = $manner->share ?? self::FIGURES;

        return Pattern::of(
            spread: Spread::Motifs,
            field: [[$share, 1.0], [1 - $share, 0.0]],
            edge: [[1.0, 0.0]],
            recess: [[1.0, 0.0]],
            pore: [[$share, 1.0], [1 - $share, 0.0]],
        );
    }
}
