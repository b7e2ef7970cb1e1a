<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape;

/**
 * What all flat parts share: a face, its reverse, and two pairs of edges.
 *
 * length × width each, and 2 × length × thickness, 2 × width × thickness for the edges.
 */
abstract class Board implements Shape
{
    /** How much longer a narrow edge takes than a flat of the same area. */
    private const NARROW = 1.5;

    public function sizes(): array
    {
        [$length, $width, $thickness] = $this->usual();

        return [new Size('length', 'Length', $length), new Size('width', 'Width', $width), new Size('thickness', 'Thickness', $thickness)];
    }

    public function faces(): array
    {
        $usual = $this->finished();

        return [
            new Face(key: 'face', name: 'Face', usual: \in_array('face', $usual, true), broad: true),
            new Face(key: 'reverse', name: 'Reverse', usual: \in_array('reverse', $usual, true), broad: true),
            new Face('long-edges', 'Long edges', \in_array('long-edges', $usual, true)),
            new Face('short-edges', 'Short edges', \in_array('short-edges', $usual, true)),
        ];
    }

    public function measure(string $face, array $sizes): Measured
    {
        ['length' => $l, 'width' => $w, 'thickness' => $t] = $sizes;

        return match ($face) {
            'long-edges' => Measured::squareMillimetres(2 * $l * $t, \sprintf('2 × %g × %g mm', $l, $t), slow: self::NARROW),
            'short-edges' => Measured::squareMillimetres(2 * $w * $t, \sprintf('2 × %g × %g mm', $w, $t), slow: self::NARROW),
            default => Measured::flat($l, $w),
        };
    }

    public function outline(array $sizes): Outline
    {
        return new Outline($sizes['length'], $sizes['width']);
    }

    public function level(): Level
    {
        return Level::Body;
    }

    /** All round. */
    public function border(array $sizes): float
    {
        return 2 * ($sizes['length'] + $sizes['width']);
    }

    /**
     * Length, width and thickness to begin with, in mm.
     *
     * @return array{float, float, float}
     */
    abstract protected function usual(): array;

    /**
     * @return list<string> the faces that mostly are finished
     */
    abstract protected function finished(): array;
}
