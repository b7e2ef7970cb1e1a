<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Recipe\Recipe;

/**
 * A piece on the bench: its recipe, the air where it stands, from when and by when, and what has been done.
 *
 * Immutable. Instants as seconds since 1970; `done` the end of each work that is done, by its key within the piece; `place` where it stands, null for the usual one.
 */
final readonly class PieceToDo
{
    /**
     * @param array<string, int>   $done
     * @param array<string, float> $paces of the painter, by technique: how much longer it takes than is typical
     */
    public function __construct(public string $id, public Recipe $recipe, public DayCurve $air, public int $notBefore, public ?int $due = null, public array $done = [], public array $paces = [], public ?string $place = null)
    {
    }
}
