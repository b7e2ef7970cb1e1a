<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Look\LookAgeing;
use Inlaid\Core\Look\StackPreview;
use Inlaid\Core\Material\Ambering;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Piece\Place;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;

/**
 * A pale or cool colour yellows under what is laid on it.
 */
final class Ambers implements Rule
{
    /** ΔE after five years that is seen when old and new lie apart. */
    private const SEEN = 2.0;
    private const PLAIN = 5.0;
    private const PALE = 65.0;

    public function key(): string
    {
        return 'ambers';
    }

    public function name(): string
    {
        return 'Clear coat will yellow a pale or cool colour';
    }

    public function reason(): string
    {
        return 'Oils and their resins yellow with age. On warm wood that can look good. White turns cream; grey and blue turn green.';
    }

    public function source(): string
    {
        return 'Coatings science: yellowing of drying oils, here as an absorption that grows with the years.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->stacks as $stack) {
            [$soon, $late] = $this->onTheFlat($stack) ?? [null, null];
            $ambering = array_values(array_filter(
                $whole->works,
                static fn (StepCalculation $w): bool => null !== $w->film
                    && RecipeAnalysis::contains($w, static fn (Material $m): bool => Ambering::None !== $m->ambering)
                    && \in_array($w->step->id, array_map(static fn ($l): string => $l->stepId, $stack->layers), true),
            ));
            if (null === $soon || null === $late || $late->deltaE < self::SEEN || [] === $ambering || !self::isPaleOrCool($stack)) {
                continue;
            }
            usort($ambering, static fn (StepCalculation $a, StepCalculation $b): int => self::yellows($b) <=> self::yellows($a));
            $worst = $ambering[0];
            $clear = RecipeAnalysis::uses($worst, MaterialKind::Topcoat, MaterialKind::Oil);
            yield Finding::of(
                rule: $this,
                severity: $late->deltaE > self::PLAIN ? Severity::Warn : Severity::Advise,
                steps: [$worst->step->id],
                why: \sprintf(
                    'Under “%s” the flat areas shift by ΔE %s in one year and ΔE %s in five.',
                    $worst->step->name(),
                    ExactNumber::plain($soon->deltaE, 1),
                    ExactNumber::plain($late->deltaE, 1),
                ),
                remedies: $clear ? [
                    new Remedy(
                        'water-based',
                        'Use a water-based topcoat',
                        Edit::insert(
                            NewStep::topcoat(
                                parts: $worst->step->parts,
                                outdoors: Place::Dry !== $whole->recipe->piece->use->place,
                                coats: 2,
                            ),
                            $worst->step->id,
                        ),
                        Edit::takeOut($worst->step->id),
                    ),
                ] : [],
            );

            return;
        }
    }

    /**
     * @return array{LookAgeing, LookAgeing}|null after one year and after five
     */
    private function onTheFlat(StackPreview $stack): ?array
    {
        $flat = array_values(array_filter($stack->look->ages, static fn (LookAgeing $a): bool => Zone::Field === $a->zone));

        return 2 === \count($flat) ? [$flat[0], $flat[1]] : null;
    }

    private static function isPaleOrCool(StackPreview $stack): bool
    {
        $after = $stack->look->after;
        $lab = Lab::of(Colour::of($after[\count($after) - 1]->zones[0]->colour));

        return $lab->l >= self::PALE || $lab->b < 0;
    }

    private static function yellows(StepCalculation $work): float
    {
        $sum = 0.0;
        foreach ($work->mix->leaves ?? [] as $leaf) {
            $sum += $leaf->share * $leaf->material->ambering->perMicrometre();
        }

        return $sum * ($work->film->stays ?? 0.0) * $work->rounds();
    }
}
