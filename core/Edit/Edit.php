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
     * @param array<string, int|float|string|list<string>|array<string, string>|null> $set fields of a step, null to leave one unstated
     */
    private function __construct(public EditKind $do, public ?string $step, public ?string $before, public ?NewStep $new, public array $set)
    {
    }

    public static function insert(NewStep $step, ?string $before): self
    {
        return new self(EditKind::Insert, null, $before, $step, []);
    }

    public static function move(string $step, ?string $before): self
    {
        return new self(EditKind::Move, $step, $before, null, []);
    }

    /** The same step once more, one coat of it, there. */
    public static function copy(string $step, ?string $before): self
    {
        return new self(EditKind::Copy, $step, $before, null, []);
    }

    /**
     * @param array<string, int|float|string|list<string>|array<string, string>|null> $set
     */
    public static function change(string $step, array $set): self
    {
        return new self(EditKind::Change, $step, null, null, $set);
    }

    public static function takeOut(string $step): self
    {
        return new self(EditKind::TakeOut, $step, null, null, []);
    }

    /**
     * Rags go there; or a material is no longer cleaned up with.
     */
    public static function cleanUp(?Rags $rags = null, ?string $without = null): self
    {
        return new self(EditKind::CleanUp, null, null, null, array_filter(['rags' => $rags?->value, 'without' => $without]));
    }

    /**
     * @param string $day as 2026-11-25
     */
    public static function useFrom(string $day): self
    {
        return new self(EditKind::UseFrom, null, null, null, ['from' => $day]);
    }

    /**
     * @param string $side "moving" or "fixed"
     */
    public static function leaveBare(string $joint, string $side): self
    {
        return new self(EditKind::LeaveBare, $joint, null, null, ['side' => $side]);
    }

    /**
     * The mix of a step is made of so many parts each, in its own order; that of no other step.
     *
     * @param list<string> $shares exact numbers
     */
    public static function shares(string $step, array $shares): self
    {
        return new self(EditKind::Shares, $step, null, null, ['shares' => $shares]);
    }

    /**
     * Every part of the piece is of another wood.
     *
     * @param list<string> $bleeds what is known to rise from it
     */
    public static function ground(string $species, string $grain, string $colour, array $bleeds, float $moves): self
    {
        return new self(
            EditKind::Ground,
            null,
            null,
            null,
            ['species' => $species, 'grain' => $grain, 'colour' => $colour, 'bleeds' => $bleeds, 'moves' => $moves],
        );
    }
}
