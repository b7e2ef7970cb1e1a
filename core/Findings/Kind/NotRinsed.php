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
 * Something washed, stripped or bleached is not rinsed.
 */
final class NotRinsed implements Rule
{
    public function key(): string
    {
        return 'not-rinsed';
    }

    public function name(): string
    {
        return 'Something washed, stripped or bleached is not rinsed';
    }

    public function reason(): string
    {
        return 'What is left of a cleaner, stripper or bleach goes on working under the next coat, or keeps it from drying.';
    }

    public function source(): string
    {
        return 'Chemistry: residues of alkali, solvent and peroxide.';
    }

    public function check(Whole $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!Whole::is($work, 'cleaned', 'stripped', 'bleached') || !Whole::leavesResidue($work)) {
                continue;
            }
            $parts = array_values(array_filter($whole->recipe->partsOf($work->step), static function (PiecePart $part) use ($whole, $work): bool {
                $next = Whole::first($whole->after($work, $part), static fn (StepWork $w): bool => Whole::lays($w) || Whole::is($w, 'rinsed', 'neutralised'));

                return null !== $next && Whole::lays($next);
            }));
            if ([] === $parts) {
                continue;
            }
            $next = Whole::first($whole->after($work, $parts[0]), Whole::lays(...));
            yield Finding::of($this, Whole::is($work, 'cleaned') ? Gravity::Warn : Gravity::Stop, [$work->step->id], \sprintf('After "%s" nothing is rinsed off before "%s".', $work->step->name(), $next?->step->name() ?? ''), [
                new Remedy('rinse', \sprintf('Rinse after "%s"', $work->step->name()), Edit::insert(new NewStep('Rinse', 'rinsed', $whole->named($parts), MaterialWanted::water(), coats: 2, wait: WaitUntil::Recoat), $whole->next($work))),
            ]);
        }
    }
}
