<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\MaterialRequirement;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Material\Hazard;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Work\StepCalculation;

/**
 * Products that must never meet.
 */
final class NeverMeet implements Rule
{
    private const DEFER = 'Follow the label, the safety data sheet and local rules.';

    /** What must not meet what, whether a rinse between is not enough, and what would happen. */
    private const PAIRS = [
        [Hazard::Oxidiser, Hazard::Flammable, false, 'can set fire to solvent, alcohol and rags'],
        [Hazard::Oxidiser, Hazard::Acid, false, 'bleach and acid form a stronger, corrosive bleach'],
        [Hazard::Chlorine, Hazard::Acid, true, 'chlorine bleach and acid give off toxic chlorine gas'],
        [Hazard::Chlorine, Hazard::Ammonia, true, 'chlorine bleach and ammonia give off toxic gas'],
        [Hazard::Chlorine, Hazard::Flammable, true, 'chlorine bleach forms poisons with alcohol and solvents'],
        [Hazard::Chlorine, Hazard::Oxidiser, true, 'two bleaches together release oxygen violently'],
    ];

    public function key(): string
    {
        return 'never-meet';
    }

    public function name(): string
    {
        return 'Products that must never meet';
    }

    public function reason(): string
    {
        return 'Peroxide bleach can ignite solvent, alcohol and rags and must be rinsed out first. Chlorine bleach with acid, '
            .'vinegar, ammonia or alcohol gives off toxic gas in the pot, on rags and in the drain.';
    }

    public function source(): string
    {
        return 'Chemistry: oxidisers and what burns; the safety data sheets of both.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        yield from $this->inTheCleanUp($whole);
        foreach ($whole->works as $work) {
            foreach (self::PAIRS as [$one, $other, $evenApart, $what]) {
                [$hasOne, $hasOther] = [$work->has($one), $work->has($other)];
                if ($hasOne && $hasOther) {
                    yield Finding::of(
                        rule: $this,
                        severity: Severity::Stop,
                        steps: [$work->step->id],
                        why: \sprintf(
                            'The pot of “%s” contains products that must never meet: %s. %s',
                            $work->step->name(),
                            $what,
                            self::DEFER,
                        ),
                        about: $other->value,
                    );
                } elseif ($hasOne || $hasOther) {
                    $found = $this->meets(whole: $whole, work: $work, with: $hasOne ? $other : $one, evenApart: $evenApart, what: $what);
                    if (null !== $found) {
                        yield $found;
                    }
                }
            }
        }
    }

    /**
     * What tools, rags and hands are cleaned with meets what is on them.
     *
     * @return iterable<Finding>
     */
    private function inTheCleanUp(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->recipe->cleanUp->with as $material) {
            foreach (self::PAIRS as [$one, $other, , $what]) {
                foreach ([[$one, $other], [$other, $one]] as [$on, $with]) {
                    $work = \in_array($with, $material->hazards, true)
                        ? RecipeAnalysis::first($whole->works, static fn (StepCalculation $w): bool => $w->has($on))
                        : null;
                    if (null !== $work) {
                        yield Finding::of(
                            rule: $this,
                            severity: Severity::Stop,
                            steps: [$work->step->id],
                            why: \sprintf(
                                '%s for clean-up meets what is left on tools and rags from “%s”: %s. %s',
                                $material->name,
                                $work->step->name(),
                                $what,
                                self::DEFER,
                            ),
                            remedies: [
                                new Remedy(
                                    'without',
                                    \sprintf('Clean up without %s', $material->name),
                                    Edit::cleanUp(without: $material->id),
                                ),
                            ],
                            about: 'clean-up '.$material->id.' '.$with->value,
                        );
                    }
                }
            }
        }
    }

    /**
     * The first later step that must not meet one, unless they are only on the same piece and a rinse between is enough.
     */
    private function meets(RecipeAnalysis $whole, StepCalculation $work, Hazard $with, bool $evenApart, string $what): ?Finding
    {
        $parts = $whole->recipe->partsOf($work->step);
        $apart = null;
        foreach (\array_slice($whole->works, $work->number) as $later) {
            if (!$later->has($with)) {
                continue;
            }
            if ([] !== array_filter(
                $parts,
                fn (PiecePart $p): bool => $later->step->touches($p)
                    && !$this->isRinsed(whole: $whole, part: $p, one: $work, other: $later),
            )) {
                return Finding::of(
                    rule: $this,
                    severity: Severity::Stop,
                    steps: [$later->step->id, $work->step->id],
                    why: \sprintf('“%s” meets residue from “%s”: %s. %s', $later->step->name(), $work->step->name(), $what, self::DEFER),
                    remedies: $evenApart ? [] : [
                        new Remedy(
                            'rinse',
                            'Rinse twice in between',
                            Edit::insert(
                                new NewStep(
                                    title: 'Rinse',
                                    technique: 'rinsed',
                                    parts: $whole->named($parts),
                                    uses: MaterialRequirement::water(),
                                    coats: 2,
                                    wait: WaitUntil::Overnight,
                                ),
                                $whole->next($work),
                            ),
                        ),
                    ],
                );
            }
            $apart ??= $later;
        }

        return null === $apart || !$evenApart
            ? null
            : Finding::of(
                rule: $this,
                severity: Severity::Stop,
                steps: [$apart->step->id, $work->step->id],
                why: \sprintf(
                    '“%s” and “%s” are both in this recipe. Keep their pots, rags and rinse water apart: %s. %s',
                    $work->step->name(),
                    $apart->step->name(),
                    $what,
                    self::DEFER,
                ),
            );
    }

    private function isRinsed(RecipeAnalysis $whole, PiecePart $part, StepCalculation $one, StepCalculation $other): bool
    {
        return null !== RecipeAnalysis::first(
            $whole->after($one, $part),
            static fn (StepCalculation $w): bool => $w->number < $other->number && RecipeAnalysis::can($w, Ability::Rinses),
        );
    }
}
