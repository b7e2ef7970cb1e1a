<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * A colour of a photo as it is after correcting, and as the photo shows it.
 *
 * Immutable. `cannot` what no correction does.
 */
final readonly class CorrectedColour
{
    /**
     * @param list<string> $remarks what makes it doubtful
     * @param list<string> $cannot
     */
    public function __construct(public Colour $colour, public Colour $asPhotographed, public array $remarks, public array $cannot)
    {
    }
}
