<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Look\LookTarget;

/**
 * The finish will not look as it is to.
 */
final class TargetMissed implements Rule
{
    /** ΔE that is seen when the two lie apart; and that is another colour. */
    private const SEEN = 2.0;
    private const ANOTHER = 4.0;

    public function key(): string
    {
        return 'target-missed';
    }

    public function name(): string
    {
        return 'Finish misses the target';
    }

    public function reason(): string
    {
        return 'Up to ΔE 2 matches the target. Up to ΔE 4 passes only when the two are apart.';
    }

    public function source(): string
    {
        return 'The look worked out against the colours of the target (CIEDE2000).';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->stacks as $stack) {
            $off = array_values(array_filter($stack->look->target, static fn (LookTarget $t): bool => $t->deltaE > self::SEEN));
            $last = $stack->look->after[\count($stack->look->after) - 1]->stepId;
            if ([] === $off || null === $last) {
                continue;
            }
            $worst = max(array_map(static fn (LookTarget $t): float => $t->deltaE, $off));
            yield Finding::of(
                rule: $this,
                severity: $worst > self::ANOTHER ? Severity::Warn : Severity::Advise,
                steps: [$last],
                why: \sprintf(
                    '%s: %s.',
                    implode(', ', $stack->parts),
                    implode(
                        '; ',
                        array_map(
                            static fn (LookTarget $t): string => \sprintf(
                                '%s differ from the target: %s',
                                $t->zone->inWords(),
                                $t->inWords,
                            ),
                            $off,
                        ),
                    ),
                ),
                about: $stack->id,
            );
        }
    }
}
