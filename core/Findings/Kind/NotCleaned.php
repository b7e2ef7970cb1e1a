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
use Inlaid\Core\Work\StepWork;

/**
 * An old finish is not cleaned before it is coated.
 */
final class NotCleaned implements Rule
{
    public function key(): string
    {
        return 'not-cleaned';
    }

    public function name(): string
    {
        return 'An old finish is not cleaned before it is coated';
    }

    public function reason(): string
    {
        return 'Grease, polish and wax from years of hands keep every coat from holding; washing takes minutes, stripping what peels takes days.';
    }

    public function source(): string
    {
        return 'Coatings science: a film wets and joins only what is clean.';
    }

    public function check(Whole $whole): iterable
    {
        $found = $whole->byStep(static function (PiecePart $part) use ($whole): ?StepWork {
            $first = $part->finish->isBare() ? null : Whole::first($whole->on($part), Whole::lays(...));

            return null === $first || null !== Whole::first($whole->before($first, $part), static fn (StepWork $w): bool => Whole::is($w, 'cleaned')) || $whole->isStripped($part, $first) ? null : $first;
        });
        foreach ($found as [$work, $parts]) {
            $on = $whole->named($parts);
            yield Finding::of($this, Gravity::Warn, [$work->step->id], \sprintf('"%s" goes on an old finish that nobody has washed.', $work->step->name()), [
                new Remedy('clean', 'Wash and rinse first', Edit::insert(new NewStep('Wash off grease and polish', 'cleaned', $on, MaterialWanted::cleaner()), $whole->works[0]->step->id), Edit::insert(new NewStep('Rinse', 'rinsed', $on, MaterialWanted::water(), wait: WaitUntil::Recoat), $whole->works[0]->step->id)),
            ]);
        }
    }
}
