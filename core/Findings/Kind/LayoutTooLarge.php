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
        return 'What is laid out does not fit';
    }

    public function reason(): string
    {
        return 'Stripes, lines and motifs have their measure; a face that is smaller has no room for one.';
    }

    public function source(): string
    {
        return 'The measures of the part and of what is laid out on it.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            foreach ($work->layout->faces ?? [] as $face) {
                if (null !== $face->cannot) {
                    yield Finding::of($this, Severity::Stop, [$work->step->id], \sprintf('On "%s", %s: %s', $face->part, mb_strtolower($face->face), lcfirst($face->cannot)));
                    break;
                }
            }
        }
    }
}
