<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape;

/**
 * One face of a shape that can be finished or left bare.
 *
 * Immutable. `usual` whether it mostly is finished; `broad` whether it is one of the two faces a board lies on.
 */
final readonly class Face
{
    public function __construct(public string $key, public string $name, public bool $usual = true, public bool $broad = false)
    {
    }
}
