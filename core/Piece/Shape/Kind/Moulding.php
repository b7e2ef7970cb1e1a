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
 * By the run: its length times its girth, measured with a strip of paper laid into the profile.
 */
final class Moulding implements Shape
{
    public function key(): string
    {
        return 'moulding';
    }

    public function name(): string
    {
        return 'Moulding, by the run';
    }

    public function sizes(): array
    {
        return [new Size('run', 'Run', 2400.0), new Size('girth', 'Girth of the profile', 55.0)];
    }

    public function faces(): array
    {
        return [new Face('profile', 'Profile')];
    }

    public function measure(string $face, array $sizes): Measured
    {
        ['run' => $run, 'girth' => $girth] = $sizes;

        return Measured::squareMillimetres(
            $run * $girth,
            \sprintf('%g × %g mm', $run, $girth),
            edges: 2 * $run,
            recesses: 2 * $run,
            slow: 1.5,
        );
    }

    public function outline(array $sizes): Outline
    {
        return new Outline($sizes['run'], $sizes['girth'] / 2);
    }

    public function level(): Level
    {
        return Level::Body;
    }

    /** Both sides of the run. */
    public function border(array $sizes): float
    {
        return 2 * $sizes['run'];
    }
}
