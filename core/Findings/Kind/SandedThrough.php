<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Findings\Edit;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Findings\Whole;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Preview\Gravity;
use Inlaid\Core\Preview\StepWork;

/**
 * The sanding of a veneer is more than it has.
 */
final class SandedThrough implements Rule
{
    public function key(): string
    {
        return 'sanded-through';
    }

    public function name(): string
    {
        return 'The sanding of a veneer is more than it has';
    }

    public function reason(): string
    {
        return 'A face veneer is often thinner than a postcard is stiff; what is sanded through shows glue for ever.';
    }

    public function source(): string
    {
        return 'Arithmetic: thickness of the veneer against what the grits take off.';
    }

    public function check(Whole $whole): iterable
    {
        foreach ($whole->recipe->piece->parts as $part) {
            $budget = $part->substrate->veneer ?? (SubstrateKind::Veneer === $part->substrate->kind ? 0.5 : null);
            if (null === $budget) {
                continue;
            }
            $sanding = array_values(array_filter($whole->on($part), static fn (StepWork $w): bool => Whole::is($w, 'sanded') && null === Whole::first($whole->before($w, $part), Whole::seals(...))));
            $off = array_sum(array_map(static fn (StepWork $w): float => $w->removes() / 1000, $sanding));
            if ($off <= 0.3 * $budget) {
                continue;
            }
            $last = $sanding[\count($sanding) - 1];
            $left = 0.3 * $budget * 1000 / \count($sanding);
            yield Finding::of($this, $off > 0.8 * $budget ? Gravity::Stop : Gravity::Warn, [$last->step->id], \sprintf('%s mm of the %s mm veneer of %s are sanded off.', ExactNumber::plain($off), ExactNumber::plain($budget), $part->name), [
                new Remedy('less', 'Sand less each time', ...array_map(static fn (StepWork $w): Edit => Edit::change($w->step->id, ['depth' => floor($left)]), $sanding)),
            ], about: $part->id);
        }
    }
}
