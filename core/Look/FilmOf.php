<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

/**
 * The film of a step where it is laid as its figures say, in all its coats.
 *
 * Immutable. `wet` and `dry` in µm.
 */
final readonly class FilmOf
{
    public function __construct(private string $stepId, public Colourant $of, private float $wet, private float $dry)
    {
    }

    /** Does it show by itself? */
    public function colours(): bool
    {
        return \in_array($this->of->kind, [ColourantKind::Film, ColourantKind::Flake], true);
    }

    /** As if it were so many times thicker. */
    public function thicker(float $times): self
    {
        return new self($this->stepId, $this->of, $times * $this->wet, $times * $this->dry);
    }

    public function times(float $amount): LaidFilm
    {
        return new LaidFilm($this->stepId, $this->of, $amount * $this->wet, $amount * $this->dry);
    }
}
