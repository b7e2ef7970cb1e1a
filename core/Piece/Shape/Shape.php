<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape;

/**
 * A kind of part whose faces can be reckoned from a few measurements. One class each; a new one needs no other file touched.
 */
interface Shape
{
    /** The name it has in documents: small letters and hyphens. */
    public function key(): string;

    /** What a painter calls it. */
    public function name(): string;

    /**
     * @return non-empty-list<Size>
     */
    public function sizes(): array;

    /**
     * @return non-empty-list<Face>
     */
    public function faces(): array;

    /**
     * @param string               $face  one of its faces
     * @param array<string, float> $sizes every one it asks for, in mm or as a count
     */
    public function measure(string $face, array $sizes): Measured;

    /**
     * @param array<string, float> $sizes
     */
    public function outline(array $sizes): Outline;

    public function level(): Level;

    /**
     * mm of the line along which one such part meets its neighbours: what is taped where it is to be kept clean.
     *
     * @param array<string, float> $sizes
     */
    public function border(array $sizes): float;
}
