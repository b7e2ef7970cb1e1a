<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Pulls;

/**
 * Wear is laid out before the place of the pulls is settled.
 */
final class PullsOpen implements Rule
{
    public function key(): string
    {
        return 'pulls-open';
    }

    public function name(): string
    {
        return 'Wear is laid out before the place of the pulls is settled';
    }

    public function reason(): string
    {
        return 'Hands wear a door or a drawer around its pull. A resist or a rubbed place elsewhere looks like an accident, and cannot be moved.';
    }

    public function source(): string
    {
        return 'Observation: where natural wear falls.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!RecipeAnalysis::is($work, 'resist-laid', 'distressed-dry', 'distressed-wet')) {
                continue;
            }
            $parts = $whole->recipe->partsOf($work->step);
            $open = array_values(array_filter($parts, static fn (PiecePart $p): bool => Pulls::Open === $p->pulls));
            if ([] === $open) {
                continue;
            }
            $rest = array_map(static fn (PiecePart $p): string => $p->id, array_values(array_filter($parts, static fn (PiecePart $p): bool => !\in_array($p, $open, true))));
            yield Finding::of($this, RecipeAnalysis::is($work, 'resist-laid') ? Severity::Warn : Severity::Advise, [$work->step->id], \sprintf('Where the pulls of %s will be is still open, and "%s" already says where hands wear it.', implode(', ', array_map(static fn (PiecePart $p): string => $p->name, $open)), $work->step->name()), [
                [] === $rest ? new Remedy('without', 'Leave it out until the pulls are placed', Edit::takeOut($work->step->id)) : new Remedy('elsewhere', 'Leave these parts out of it until then', Edit::change($work->step->id, ['parts' => $rest])),
            ]);
        }
    }
}
