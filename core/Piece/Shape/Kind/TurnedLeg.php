<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape\Kind;

use Inlaid\Core\Piece\Shape\Face;
use Inlaid\Core\Piece\Shape\Level;
use Inlaid\Core\Piece\Shape\Measured;
use Inlaid\Core\Piece\Shape\Outline;
use Inlaid\Core\Piece\Shape\Shape;
use Inlaid\Core\Piece\Shape\Size;

/**
 * Three cone pieces between four diameters at equal distances: each π ÷ 2 × (d₁ + d₂) × √(h² + ((d₁ − d₂) ÷ 2)²). Beads and
 * coves add to that; a tenth more is typical of a plain turning and is included.
 */
final class TurnedLeg implements Shape
{
    private const BEADS = 1.1;
    /** Beads and the quirks between them on a plain turning. */
    private const BEAD_LINES = 6;

    public function key(): string
    {
        return 'leg-turned';
    }

    public function name(): string
    {
        return 'Leg, turned';
    }

    public function sizes(): array
    {
        return [
            new Size('length', 'Length', 420.0),
            new Size('first', 'Across, above', 36.0),
            new Size('second', 'Across, a third down', 48.0),
            new Size('third', 'Across, two thirds down', 30.0),
            new Size('fourth', 'Across, at the foot', 34.0),
        ];
    }

    public function faces(): array
    {
        return [new Face('round', 'All round'), new Face('foot', 'Foot', false)];
    }

    public function measure(string $face, array $sizes): Measured
    {
        $d = [$sizes['first'], $sizes['second'], $sizes['third'], $sizes['fourth']];
        if ('foot' === $face) {
            return Measured::squareMillimetres(\M_PI * $d[3] ** 2 / 4, \sprintf('π × (%g mm)² ÷ 4', $d[3]));
        }
        $height = $sizes['length'] / 3;
        $area = 0.0;
        for ($i = 0; $i < 3; ++$i) {
            $area += \M_PI / 2 * ($d[$i] + $d[$i + 1]) * sqrt($height ** 2 + (($d[$i] - $d[$i + 1]) / 2) ** 2);
        }

        return Measured::squareMillimetres(
            self::BEADS * $area,
            \sprintf('three cones %g, %g, %g, %g mm across, each %.0f mm high, and a tenth for beads', ...$d, ...[$height]),
            edges: self::BEAD_LINES * \M_PI * max($d),
            recesses: self::BEAD_LINES * \M_PI * min($d),
            slow: 2.0,
        );
    }

    public function outline(array $sizes): Outline
    {
        return new Outline(max($sizes['first'], $sizes['second'], $sizes['third'], $sizes['fourth']), $sizes['length']);
    }

    public function level(): Level
    {
        return Level::Low;
    }

    /** Round its head. */
    public function border(array $sizes): float
    {
        return \M_PI * $sizes['first'];
    }
}
