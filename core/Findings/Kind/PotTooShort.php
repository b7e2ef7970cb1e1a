<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Rule;

/**
 * The pot goes off before the coat is laid.
 */
final class PotTooShort implements Rule
{
    public function key(): string
    {
        return 'pot-too-short';
    }

    public function name(): string
    {
        return 'The pot goes off before the coat is laid';
    }

    public function reason(): string
    {
        return 'A pot that sets or spoils is mixed in portions that are laid before they do.';
    }

    public function source(): string
    {
        return 'Chemistry: setting begins at mixing and is quicker in the warm; the label gives the time.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $pot = $work->drying?->potLife?->planned;
            if (null !== $pot && $pot < $work->handsOn) {
                yield Finding::of($this, Severity::Advise, [$work->step->id], \sprintf('One coat of "%s" takes %d min, the pot keeps %d: mix it in %d portions.', $work->step->name(), $work->handsOn, $pot, (int) ceil($work->handsOn / max(1, $pot))));
            }
        }
    }
}
