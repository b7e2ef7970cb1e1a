<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Gravity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Findings\Whole;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Work\StepWork;

/**
 * A resist is sealed in.
 */
final class ResistNotReleased implements Rule
{
    public function key(): string
    {
        return 'resist-not-released';
    }

    public function name(): string
    {
        return 'A resist is sealed in';
    }

    public function reason(): string
    {
        return 'What lies on a resist is meant to come off; a clear coat or wax over it holds it for ever, until it flakes.';
    }

    public function source(): string
    {
        return 'Finishing practice: a resist is a layer without hold.';
    }

    public function check(Whole $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!Whole::is($work, 'resist-laid')) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $next = Whole::first($whole->after($work, $part), static fn (StepWork $w): bool => Whole::is($w, 'resist-released', 'distressed-wet', 'distressed-dry') || Whole::protects($w));
                if (null === $next || !Whole::lays($next)) {
                    continue;
                }
                yield Finding::of($this, Gravity::Stop, [$next->step->id, $work->step->id], \sprintf('"%s" seals "%s" in before it was released.', $next->step->name(), $work->step->name()), [
                    new Remedy('release', 'Release it first', Edit::insert(new NewStep('Release and clean', 'resist-released', $whole->named($whole->recipe->partsOf($work->step)), wait: WaitUntil::Overnight, purpose: Purpose::Edges), $next->step->id)),
                ]);
                break;
            }
        }
    }
}
