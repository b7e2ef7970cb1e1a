<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Work\StepCalculation;

/**
 * Dry sanding of old paint that may contain lead.
 */
final class LeadUntested implements Rule
{
    public function key(): string
    {
        return 'lead-untested';
    }

    public function name(): string
    {
        return 'Dry sanding of old paint that may contain lead';
    }

    public function reason(): string
    {
        return 'Lead dust harms anyone who breathes it, children most. Test every layer. Local rules and licensed practice decide.';
    }

    public function source(): string
    {
        return 'Occupational health: dust of old lead paint.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->recipe->piece->parts as $part) {
            $dry = $part->mayHoldLead() ? array_values(array_filter(
                $whole->on($part),
                static fn (StepCalculation $w): bool => RecipeAnalysis::can(
                    $w,
                    Ability::Sands,
                    Ability::Scuffs,
                    Ability::Scrapes,
                    Ability::WearsDry,
                ) && !$whole->isBare($part, $w),
            )) : [];
            if ([] !== $dry) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Stop,
                    steps: RecipeAnalysis::ids($dry),
                    why: \sprintf(
                        '%s %s %s that %s. Don\'t dry-sand. Follow the label, the safety data sheet and local rules.',
                        $part->name,
                        $part->isPlural() ? 'have' : 'has',
                        $part->finish->kind->inWords(),
                        'found' === ($part->tests['lead'] ?? null) ? 'contains lead' : 'hasn\'t been tested for lead',
                    ),
                    about: $part->id,
                );
            }
        }
    }
}
