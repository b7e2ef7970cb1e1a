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
 * Four sides, 2 (a + b) × length, and a × b for the foot.
 */
final class SquareLeg implements Shape
{
    public function key(): string
    {
        return 'leg-square';
    }

    public function name(): string
    {
        return 'Leg, square';
    }

    public function sizes(): array
    {
        return [new Size('length', 'Length', 700.0), new Size('width', 'Width', 45.0), new Size('depth', 'Depth', 45.0)];
    }

    public function faces(): array
    {
        return [new Face('sides', 'All sides'), new Face('foot', 'Foot', false)];
    }

    public function measure(string $face, array $sizes): Measured
    {
        ['length' => $l, 'width' => $a, 'depth' => $b] = $sizes;

        return 'foot' === $face
            ? Measured::squareMillimetres($a * $b, \sprintf('%g × %g mm', $a, $b))
            : Measured::squareMillimetres(2 * ($a + $b) * $l, \sprintf('2 × (%g + %g) × %g mm', $a, $b, $l), edges: 4 * $l, slow: 1.4);
    }

    public function outline(array $sizes): Outline
    {
        return new Outline($sizes['width'], $sizes['length']);
    }

    public function level(): Level
    {
        return Level::Low;
    }

    /** Round its head. */
    public function border(array $sizes): float
    {
        return 2 * ($sizes['width'] + $sizes['depth']);
    }
}
