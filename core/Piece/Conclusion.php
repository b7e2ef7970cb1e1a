<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * What follows from the tests of a part for the work on it.
 *
 * Immutable. `tested` is false where it rests on what is usual, or on nothing.
 */
final readonly class Conclusion
{
    public function __construct(public string $about, public string $text, public bool $tested)
    {
    }
}
