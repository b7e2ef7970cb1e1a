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
 * A cylinder: π d × length, and π d² ÷ 4 for the foot.
 */
final class RoundLeg implements Shape
{
    public function key(): string
    {
        return 'leg-round';
    }

    public function name(): string
    {
        return 'Leg, round';
    }

    public function sizes(): array
    {
        return [new Size('length', 'Length', 420.0), new Size('diameter', 'Across', 32.0)];
    }

    public function faces(): array
    {
        return [new Face('round', 'All round'), new Face('foot', 'Foot', false)];
    }

    public function measure(string $face, array $sizes): Measured
    {
        ['length' => $l, 'diameter' => $d] = $sizes;

        return 'foot' === $face
            ? Measured::squareMillimetres(\M_PI * $d ** 2 / 4, \sprintf('π × (%g mm)² ÷ 4', $d))
            : Measured::squareMillimetres(\M_PI * $d * $l, \sprintf('π × %g × %g mm', $d, $l), edges: \M_PI * $d, slow: 1.5);
    }

    public function outline(array $sizes): Outline
    {
        return new Outline($sizes['diameter'], $sizes['length']);
    }

    public function level(): Level
    {
        return Level::Low;
    }

    /** Round its head. */
    public function border(array $sizes): float
    {
        return \M_PI * $sizes['diameter'];
    }
}
