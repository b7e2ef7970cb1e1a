<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Colour\ColourDifference;

/**
 * A mix near a target: its parts in small whole numbers, what it looks like at full strength, and how it differs from the target.
 *
 * Immutable. `pricePerMl` null where a price is not known.
 */
final readonly class MatchFound
{
    /**
     * @param list<MatchPart> $parts
     */
    public function __construct(public string $words, public array $parts, public string $colour, public ColourDifference $off, public ?float $pricePerMl)
    {
    }
}
