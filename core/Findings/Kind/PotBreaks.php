<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Rule;

/**
 * Water and oil are in one pot.
 */
final class PotBreaks implements Rule
{
    public function key(): string
    {
        return 'pot-breaks';
    }

    public function name(): string
    {
        return 'Water and oil are in one pot';
    }

    public function reason(): string
    {
        return 'Water and oil part again as soon as the stirring stops; the film dries in islands and lets go.';
    }

    public function source(): string
    {
        return 'Chemistry: what dissolves in water does not dissolve in oil.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (true === $work->character?->breaks()) {
                yield Finding::of($this, Severity::Stop, [$work->step->id], \sprintf('Water and oil are in the pot of "%s" and do not mix: thin with a thinner of the same kind.', $work->step->name()));
            }
        }
    }
}
