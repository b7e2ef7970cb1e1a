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
 * Rails with round spindles between them: the four sides of every rail, π d × height of every spindle, less the two ends of
 * each spindle that stand in the rails.
 */
final class Cage implements Shape
{
    public function key(): string
    {
        return 'cage';
    }

    public function name(): string
    {
        return 'Cage of rails and spindles';
    }

    public function sizes(): array
    {
        return [
            new Size(key: 'rails', name: 'Rails', usual: 2, isCount: true), new Size(
                'length',
                'Length of a rail',
                600.0,
            ), new Size('width', 'Width of a rail', 45.0), new Size('depth', 'Depth of a rail', 25.0),
            new Size(key: 'spindles', name: 'Spindles', usual: 9, isCount: true), new Size('diameter', 'Across a spindle', 16.0), new Size(
                'height',
                'Height of a spindle',
                300.0,
            ),
        ];
    }

    public function faces(): array
    {
        return [new Face('round', 'All round')];
    }

    public function measure(string $face, array $sizes): Measured
    {
        ['rails' => $n, 'length' => $l, 'width' => $w, 'depth' => $d, 'spindles' => $m, 'diameter' => $s, 'height' => $h] = $sizes;

        return Measured::squareMillimetres(
            max(0.0, $n * 2 * ($w + $d) * $l + $m * \M_PI * $s * $h - $m * 2 * \M_PI * $s ** 2 / 4),
            \sprintf('%g × 2 × (%g + %g) × %g mm + %g × π × %g × %g mm − their ends', $n, $w, $d, $l, $m, $s, $h),
            edges: $n * 4 * $l,
            recesses: $m * 2 * \M_PI * $s,
            slow: 2.5,
        );
    }

    public function outline(array $sizes): Outline
    {
        return new Outline($sizes['length'], $sizes['height'] + 2 * $sizes['width']);
    }

    public function level(): Level
    {
        return Level::Body;
    }

    /** Round both ends of every rail. */
    public function border(array $sizes): float
    {
        return $sizes['rails'] * 2 * 2 * ($sizes['width'] + $sizes['depth']);
    }
}
