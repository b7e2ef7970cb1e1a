<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Technique\Ability;

/**
 * A rub-on transfer stays bare.
 */
final class TransferUnsealed implements Rule
{
    public function key(): string
    {
        return 'transfer-unsealed';
    }

    public function name(): string
    {
        return 'Transfer isn\'t sealed';
    }

    public function reason(): string
    {
        return 'A dry transfer has only its own glue. Unsealed, its edges lift and it scratches off.';
    }

    public function source(): string
    {
        return 'Finishing practice: transfers are burnished, then sealed.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $parts = !$work->can(Ability::SticksDry) ? [] : array_values(array_filter(
                $whole->recipe->partsOf($work->step),
                static fn (PiecePart $part): bool => null === RecipeAnalysis::first(
                    $whole->after($work, $part),
                    RecipeAnalysis::protects(...),
                ),
            ));
            if ([] !== $parts) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Warn,
                    steps: [$work->step->id],
                    why: \sprintf('No clear coat or wax comes over “%s”.', $work->step->name()),
                    remedies: [new Remedy('seal', 'Add a clear topcoat at the end', Edit::insert(
                        NewStep::topcoat(parts: $whole->named($parts), outdoors: $whole->recipe->piece->use->place->isOutdoors()),
                        null,
                    ))],
                );
            }
        }
    }
}
