<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Recipe\Recipe;

/**
 * A piece on the bench: its recipe, the air where it stands, from when and by when, and what has been done.
 *
 * Immutable. Instants as seconds since 1970; `done` the end of each work that is done, by its key within the piece; `place` where it
 * stands, null for the usual one.
 */
final readonly class PieceToDo
{
    /**
     * @param array<string, int> $done
     */
    public function __construct(
        public string $id,
        public Recipe $recipe,
        public DayCurve $air,
        public int $notBefore,
        public ?int $due = null,
        public array $done = [],
        public ?string $place = null,
    ) {
    }

    /** The same, not begun before an instant. */
    public function notBefore(int $instant): self
    {
        return new self(
            id: $this->id,
            recipe: $this->recipe,
            air: $this->air,
            notBefore: $instant,
            due: $this->due,
            done: $this->done,
            place: $this->place,
        );
    }

    /** The same in other air. */
    public function inAir(DayCurve $air): self
    {
        return new self(
            id: $this->id,
            recipe: $this->recipe,
            air: $air,
            notBefore: $this->notBefore,
            due: $this->due,
            done: $this->done,
            place: $this->place,
        );
    }

    /** The same with nothing done yet, whenever it is begun. */
    public function fromTheBeginning(): self
    {
        return new self(id: $this->id, recipe: $this->recipe, air: $this->air, notBefore: 0, due: null, done: [], place: $this->place);
    }
}
