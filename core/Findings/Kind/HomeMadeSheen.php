<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Mixing\Component;

/**
 * Plaster is stirred into a paint that is not matt.
 */
final class HomeMadeSheen implements Rule
{
    public function key(): string
    {
        return 'home-made-sheen';
    }

    public function name(): string
    {
        return 'Home-made chalk-type paint from a paint with sheen';
    }

    public function reason(): string
    {
        return 'Plaster or chalk in satin or gloss paint makes it gritty, not matt: there is too much binder.';
    }

    public function source(): string
    {
        return 'Coatings science: sheen by the share of pigment and filler to binder.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!RecipeAnalysis::uses($work, MaterialKind::Plaster)) {
                continue;
            }
            $shiny = array_values(array_filter(
                $work->mix->leaves ?? [],
                static fn (Component $l): bool => MaterialKind::Paint === $l->material->kind
                    && \in_array($l->material->sheen, [Sheen::Eggshell, Sheen::Satin, Sheen::Gloss], true),
            ));
            if ([] !== $shiny) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Warn,
                    steps: [$work->step->id],
                    why: \sprintf(
                        '“%s” is based on %s, which is %s. Choose a matt paint.',
                        $work->step->name(),
                        $shiny[0]->material->name,
                        $shiny[0]->material->sheen->value ?? '',
                    ),
                );
            }
        }
    }
}
