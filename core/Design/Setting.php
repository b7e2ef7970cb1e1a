<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Brick\Math\BigRational;
use Inlaid\Core\Technique\Hand;

/**
 * What is chosen for one step of a finish.
 *
 * Immutable. `parts` of each material by its id, none where the step takes none; `ratio` parts of what extends it to one of that; no
 * `coats`
 * where it is left out.
 */
final readonly class Setting
{
    /**
     * @param array<string, int> $parts
     */
    public function __construct(public array $parts, public BigRational $ratio, public int $coats, public ?Hand $hand, public ?int $dwell)
    {
    }

    /** Not left out. */
    public function done(): self
    {
        return new self(parts: $this->parts, ratio: $this->ratio, coats: max(1, $this->coats), hand: $this->hand, dwell: $this->dwell);
    }

    /**
     * As is usual.
     *
     * @param array<string, int> $parts
     */
    public static function usual(FamilyStep $of, array $parts): self
    {
        return new self(
            parts: $parts,
            ratio: $of->ratios[0] ?? BigRational::zero(),
            coats: $of->coats[0],
            hand: $of->hands[0] ?? null,
            dwell: $of->dwells[0],
        );
    }
}
