<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Optics\Colourant;
use Inlaid\Core\Optics\ColourantKind;

/**
 * The film of a step where it is laid as its figures say, in all its coats.
 *
 * Nothing of it changes; a film of an amount is worked out once, however often the step is tried. `wet` and `dry` in µm.
 */
final class FilmOf
{
    /** @var array<array-key, LaidFilm> by amount */
    private array $laid = [];

    public function __construct(
        private readonly string $stepId,
        public readonly Colourant $of,
        private readonly float $wet,
        private readonly float $dry,
    ) {
    }

    /** Does it show by itself? */
    public function colours(): bool
    {
        return \in_array($this->of->kind, [ColourantKind::Film, ColourantKind::Flake], true);
    }

    /** As if it were so many times thicker. */
    public function thicker(float $times): self
    {
        return new self(stepId: $this->stepId, of: $this->of, wet: $times * $this->wet, dry: $times * $this->dry);
    }

    public function times(float $amount): LaidFilm
    {
        return $this->laid[(string) $amount] ??= new LaidFilm(
            stepId: $this->stepId,
            of: $this->of,
            wet: $amount * $this->wet,
            dry: $amount * $this->dry,
        );
    }
}
