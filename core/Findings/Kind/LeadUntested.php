<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Rule;

/**
 * Old paint is sanded dry though it may hold lead.
 */
final class LeadUntested implements Rule
{
    public function key(): string
    {
        return 'lead-untested';
    }

    public function name(): string
    {
        return 'Old paint is sanded dry though it may hold lead';
    }

    public function reason(): string
    {
        return 'Dust of old lead paint harms whoever breathes it, children most. Test every layer first; local rules and licensed practice decide the rest.';
    }

    public function source(): string
    {
        return 'Occupational health: dust of old lead paint.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!RecipeAnalysis::is($work, 'sanded', 'scuff-sanded', 'scraped', 'distressed-dry')) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                if ($part->mayHoldLead() && !$whole->isStripped($part, $work)) {
                    yield Finding::of($this, Severity::Stop, [$work->step->id], \sprintf('%s carries %s that %s: no dry sanding. Follow the label, the safety data sheet and local rules.', $part->name, $part->finish->kind->inWords(), 'found' === ($part->tests['lead'] ?? null) ? 'holds lead' : 'was not tested for lead'), about: $part->id);
                }
            }
        }
    }
}
