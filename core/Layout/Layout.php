<?php

declare(strict_types=1);

namespace Inlaid\Core\Layout;

/**
 * How stripes, lines, motifs or sheets are shared out on a flat face. One class each.
 */
interface Layout
{
    public function kind(): LayoutKind;

    /** As it is stated, in words. */
    public function inWords(): string;

    /**
     * @throws InvalidLayout if it does not go on that face
     */
    public function on(Plane $face): LaidOut;
}
