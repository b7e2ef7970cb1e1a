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
 * A disc: π d² ÷ 4 each side, π d × thickness round the edge.
 */
final class RoundTop implements Shape
{
    public function key(): string
    {
        return 'round-top';
    }

    public function name(): string
    {
        return 'Top, round';
    }

    public function sizes(): array
    {
        return [new Size('diameter', 'Across', 350.0), new Size('thickness', 'Thickness', 28.0)];
    }

    public function faces(): array
    {
        return [
            new Face('face', 'Face', broad: true),
            new Face(key: 'reverse', name: 'Underside', usual: false, broad: true),
            new Face('edge', 'Edge'),
        ];
    }

    public function measure(string $face, array $sizes): Measured
    {
        ['diameter' => $d, 'thickness' => $t] = $sizes;

        return 'edge' === $face
            ? Measured::squareMillimetres(\M_PI * $d * $t, \sprintf('π × %g × %g mm', $d, $t), slow: 1.5)
            : Measured::squareMillimetres(\M_PI * $d ** 2 / 4, \sprintf('π × (%g mm)² ÷ 4', $d), edges: \M_PI * $d);
    }

    public function outline(array $sizes): Outline
    {
        return new Outline($sizes['diameter'], $sizes['thickness']);
    }

    public function level(): Level
    {
        return Level::Top;
    }

    /** All round. */
    public function border(array $sizes): float
    {
        return \M_PI * $sizes['diameter'];
    }
}
