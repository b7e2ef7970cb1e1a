<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Gravity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\MaterialWanted;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Findings\Whole;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\WaitUntil;

/**
 * Distress opens what was sealed, and it stays open.
 */
final class BareAfterWear implements Rule
{
    public function key(): string
    {
        return 'bare-after-wear';
    }

    public function name(): string
    {
        return 'Distress opens what was sealed, and it stays open';
    }

    public function reason(): string
    {
        return 'Where a clear coat is sanded through to the wood, hands and damp get in and grey it.';
    }

    public function source(): string
    {
        return 'Finishing practice: a film protects only where it is whole.';
    }

    public function check(Whole $whole): iterable
    {
        if ($whole->habits->holds('distress-and-wax', 'after')) {
            return;
        }
        foreach ($whole->works as $work) {
            if (!Whole::is($work, 'distressed-dry', 'distressed-wet')) {
                continue;
            }
            $parts = array_values(array_filter($whole->recipe->partsOf($work->step), static fn (PiecePart $part): bool => null !== Whole::last($whole->before($work, $part), Whole::protects(...)) && null === Whole::first($whole->after($work, $part), Whole::protects(...))));
            if ([] !== $parts) {
                yield Finding::of($this, Gravity::Advise, [$work->step->id], \sprintf('"%s" goes through the protection, and nothing closes it again.', $work->step->name()), [
                    new Remedy('wax', 'A clear wax at the end', Edit::insert(new NewStep('Clear wax', 'waxed', $whole->named($parts), MaterialWanted::clearWax(), wait: WaitUntil::Overnight), null)),
                ], 'distress-and-wax');
            }
        }
    }
}
