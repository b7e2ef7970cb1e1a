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
 * Square and tapered on all four sides: four trapezes of the slant height s = √(length² + ((a − b) ÷ 2)²), together
 * 2 (a + b) s; b² for the foot.
 */
final class TaperedLeg implements Shape
{
    public function key(): string
    {
        return 'leg-tapered';
    }

    public function name(): string
    {
        return 'Leg, tapered';
    }

    public function sizes(): array
    {
        return [new Size('length', 'Length', 700.0), new Size('above', 'Width above', 50.0), new Size('below', 'Width below', 28.0)];
    }

    public function faces(): array
    {
        return [new Face('sides', 'All sides'), new Face('foot', 'Foot', false)];
    }

    public function measure(string $face, array $sizes): Measured
    {
        ['length' => $l, 'above' => $a, 'below' => $b] = $sizes;
        $slant = sqrt($l ** 2 + (($a - $b) / 2) ** 2);

        return 'foot' === $face
            ? Measured::squareMillimetres($b ** 2, \sprintf('(%g mm)²', $b))
            : Measured::squareMillimetres(
                2 * ($a + $b) * $slant,
                \sprintf('2 × (%g + %g) × %.1f mm', $a, $b, $slant),
                edges: 4 * $l,
                slow: 1.4,
            );
    }

    public function outline(array $sizes): Outline
    {
        return new Outline(max($sizes['above'], $sizes['below']), $sizes['length']);
    }

    public function level(): Level
    {
        return Level::Low;
    }

    /** Round its head. */
    public function border(array $sizes): float
    {
        return 4 * $sizes['above'];
    }
}
