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
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Recipe\Wiping;
use Inlaid\Core\Technique\Tool;

/**
 * A cloth or a felt roller leaves fluff in a clear coat, and a grooved towel its grooves in what it wipes.
 */
final class LintInTheCoat implements Rule
{
    private const FLUFFY = [Tool::DryRag, Tool::FeltRoller];

    public function key(): string
    {
        return 'lint-in-the-coat';
    }

    public function name(): string
    {
        return 'Cloth shows in the coat';
    }

    public function reason(): string
    {
        return 'A clear coat shows every fibre in it. A towel prints its grooves into a wet glaze.';
    }

    public function source(): string
    {
        return 'Finishing practice: lint-free cloths; foam or brush for clear coats.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $tool = $work->step->tool();
            $profile = $work->step->profile;
            if (Wiping::Towel === $work->step->detail->wiping && $profile->left < 1.0) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Advise,
                    steps: [$work->step->id],
                    why: \sprintf('The towel prints its grooves into “%s”.', $work->step->name()),
                    remedies: [new Remedy(
                        'cloth',
                        'Wipe with a lint-free cloth',
                        Edit::change($work->step->id, StepChange::wiping(Wiping::Dry)),
                    )],
                );
            }
            if (
                !\in_array($tool, self::FLUFFY, true)
                || $profile->left < 1.0
                || !RecipeAnalysis::lays($work)
                || !RecipeAnalysis::uses($work, MaterialKind::Topcoat)
            ) {
                continue;
            }
            $others = array_values(array_filter(
                $profile->tools,
                static fn (Tool $t): bool => !\in_array($t, self::FLUFFY, true),
            ));
            yield Finding::of(
                rule: $this,
                severity: Severity::Advise,
                steps: [$work->step->id],
                why: \sprintf('%s leaves fluff in “%s”, and a clear coat shows it.', ucfirst($tool->inWords()), $work->step->name()),
                remedies: array_map(
                    static fn (Tool $t): Remedy => new Remedy(
                        $t->value,
                        \sprintf('Use %s', $t->inWords()),
                        Edit::change($work->step->id, StepChange::tool($t)),
                    ),
                    \array_slice($others, 0, 1),
                ),
            );
        }
    }
}
