<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Rule;

/**
 * Stripes, lines or motifs do not go on a face they are meant for.
 */
final class LayoutTooLarge implements Rule
{
    public function key(): string
    {
        return 'layout-too-large';
    }

    public function name(): string
    {
        return 'Layout doesn\'t fit the face';
    }

    public function reason(): string
    {
        return 'Stripes, borders and stencils have a fixed size. A smaller face has no room for them.';
    }

    public function source(): string
    {
        return 'Arithmetic: the measurements of the part and of the layout.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            foreach ($work->layout->faces ?? [] as $face) {
                if (null !== $face->cannot) {
                    yield Finding::of(
                        rule: $this,
                        severity: Severity::Stop,
                        steps: [$work->step->id],
                        why: \sprintf('%s, %s: %s', $face->part, mb_strtolower($face->face), lcfirst($face->cannot)),
                    );
                    break;
                }
            }
        }
    }
}
