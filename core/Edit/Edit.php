<?php

declare(strict_types=1);

namespace Inlaid\Core\Edit;

use Inlaid\Core\Recipe\Rags;

/**
 * One change of a recipe document that a remedy makes, or that a patch of a board tries. The last step is meant by a null `before`.
 *
 * Immutable.
 */
final readonly class Edit
{
    /**
     * @param array<string, int|float|string|list<string>> $set
     * @param list<StepChange>                             $changes of the step
     */
    private function __construct(
        public EditKind $do,
        public ?string $step,
        public ?string $before,
        public ?NewStep $new,
        public array $set,
        public array $changes = [],
    ) {
    }

    public static function insert(NewStep $step, ?string $before): self
    {
        return new self(do: EditKind::Insert, step: null, before: $before, new: $step, set: []);
    }

    public static function move(string $step, ?string $before): self
    {
        return new self(do: EditKind::Move, step: $step, before: $before, new: null, set: []);
    }

    /** The same step once more, one coat of it, there. */
    public static function copy(string $step, ?string $before): self
    {
        return new self(do: EditKind::Copy, step: $step, before: $before, new: null, set: []);
    }

    public static function change(string $step, StepChange ...$changes): self
    {
        return new self(do: EditKind::Change, step: $step, before: null, new: null, set: [], changes: array_values($changes));
    }

    /**
     * What nobody planned, with what it needs.
     *
     * @param string $does as a document says it
     */
    public static function improvise(string $does, ?string $before): self
    {
        return new self(do: EditKind::Improvise, step: null, before: $before, new: null, set: ['does' => $does]);
    }

    /**
     * @param string $does what of the step is otherwise, as a document says it
     */
    public static function otherwise(string $step, string $does): self
    {
        return new self(do: EditKind::Otherwise, step: $step, before: null, new: null, set: ['does' => $does]);
    }

    public static function takeOut(string $step): self
    {
        return new self(do: EditKind::TakeOut, step: $step, before: null, new: null, set: []);
    }

    /**
     * Rags go there; or a material is no longer cleaned up with.
     */
    public static function cleanUp(?Rags $rags = null, ?string $without = null): self
    {
        return new self(
            do: EditKind::CleanUp,
            step: null,
            before: null,
            new: null,
            set: array_filter(['rags' => $rags?->value, 'without' => $without]),
        );
    }

    /**
     * @param string $day as 2026-11-25
     */
    public static function useFrom(string $day): self
    {
        return new self(do: EditKind::UseFrom, step: null, before: null, new: null, set: ['from' => $day]);
    }

    /**
     * @param string $side "moving" or "fixed"
     */
    public static function leaveBare(string $joint, string $side): self
    {
        return new self(do: EditKind::LeaveBare, step: $joint, before: null, new: null, set: ['side' => $side]);
    }

    /**
     * The mix of a step is made of so many parts each, in its own order; that of no other step.
     *
     * @param list<string> $shares exact numbers
     */
    public static function shares(string $step, array $shares): self
    {
        return new self(do: EditKind::Shares, step: $step, before: null, new: null, set: ['shares' => $shares]);
    }

    /**
     * Every part of the piece is of another wood.
     *
     * @param list<string> $bleeds what is known to rise from it
     */
    public static function ground(string $species, string $grain, string $colour, array $bleeds, float $moves): self
    {
        return new self(
            do: EditKind::Ground,
            step: null,
            before: null,
            new: null,
            set: ['species' => $species, 'grain' => $grain, 'colour' => $colour, 'bleeds' => $bleeds, 'moves' => $moves],
        );
    }
}
