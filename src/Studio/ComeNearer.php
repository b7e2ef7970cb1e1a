<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\RecipeDocument;
use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Design\SettleOnTarget;
use Inlaid\Core\Findings\Finding;

/**
 * Brings a recipe closer to its target by what its own steps can be varied in, unless that would raise an alarm.
 */
final readonly class ComeNearer
{
    public function __construct(private SettleOnTarget $settle, private TryEdits $try)
    {
    }

    /**
     * @param \Closure(): bool $isOver
     *
     * @return FixResponse with no changes where it is as close as it gets
     *
     * @throws InvalidInput if it has no target
     */
    public function to(RecipeDocument $before, Context $context, \Closure $isOver): FixResponse
    {
        $target = $before->recipe->target ?? throw InvalidInput::at('/document/target', 'Choose a target first.');
        $was = $this->try->on($before, [], $context);
        $edits = $this->settle->settle(recipe: $before->recipe, target: $target, context: $context, isOver: $isOver);
        if ([] === $edits) {
            return $was;
        }
        $now = $this->try->on($before, $edits, $context);
        $alarms = array_filter(
            Finding::brought($now->preview->findings, $was->preview->findings),
            static fn (Finding $f): bool => Severity::Advise !== $f->severity,
        );

        return [] === $alarms ? $now : $was;
    }
}
