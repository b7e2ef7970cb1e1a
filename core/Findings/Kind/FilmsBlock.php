<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Piece\Joint;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Work\StepCalculation;

/**
 * Two fresh films of a joint touch before they have cured.
 */
final class FilmsBlock implements Rule
{
    public function key(): string
    {
        return 'films-block';
    }

    public function name(): string
    {
        return 'Fresh coats will stick together';
    }

    public function reason(): string
    {
        return 'Coats that feel dry can still bond under pressure until cured. A door closed too soon tears the finish.';
    }

    public function source(): string
    {
        return 'Coatings science: blocking of uncured films.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        $ready = self::instant($whole->planned->plan->readyOn);
        foreach ($whole->joints as $i => $joint) {
            $apartUntil = self::instant($joint->apartUntil);
            if (null === $apartUntil || null === $ready || $apartUntil <= $ready) {
                continue;
            }
            $last = $this->last($whole, $whole->recipe->piece->joints[$i]);
            if (null !== $last) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Advise,
                    steps: [$last->step->id],
                    why: \sprintf(
                        '%s: finished on %s, but the coats can stick together until %s. Keep the parts apart.',
                        $joint->name,
                        $ready->format('j M'),
                        $apartUntil->format('j M'),
                    ),
                    remedies: [
                        new Remedy('cure', 'Let it cure before assembly', Edit::change($last->step->id, StepChange::wait(WaitUntil::Cure))),
                    ],
                    about: $joint->id,
                );
            }
        }
    }

    private function last(RecipeAnalysis $whole, Joint $joint): ?StepCalculation
    {
        $on = array_filter(
            $whole->recipe->piece->parts,
            static fn (PiecePart $p): bool => \in_array($p->id, [$joint->moving->part, $joint->fixed->part], true),
        );

        return RecipeAnalysis::last(
            $whole->works,
            static fn (StepCalculation $w): bool => RecipeAnalysis::lays($w) && [] !== array_filter($on, $w->step->touches(...)),
        );
    }

    private static function instant(?string $iso): ?\DateTimeImmutable
    {
        return null === $iso ? null : (\DateTimeImmutable::createFromFormat(\DATE_ATOM, $iso) ?: null);
    }
}
