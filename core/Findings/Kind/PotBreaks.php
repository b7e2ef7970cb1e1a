<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Rule;

/**
 * Water and oil in one pot.
 */
final class PotBreaks implements Rule
{
    public function key(): string
    {
        return 'pot-breaks';
    }

    public function name(): string
    {
        return 'Water and oil in one pot';
    }

    public function reason(): string
    {
        return 'Water and oil separate as soon as you stop stirring. The film breaks up and peels.';
    }

    public function source(): string
    {
        return 'Chemistry: what dissolves in water does not dissolve in oil.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (true === $work->character?->breaks()) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Stop,
                    steps: [$work->step->id],
                    why: \sprintf('The pot for “%s” mixes water and oil. Thin with a thinner of the same kind.', $work->step->name()),
                );
            }
        }
    }
}
