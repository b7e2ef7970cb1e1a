<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Look\JudgeLook;
use Inlaid\Core\Look\LookEffect;
use Inlaid\Core\Look\StackPreview;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Surface\Met;
use Inlaid\Core\Work\StepCalculation;

/**
 * A step that is meant to be seen is buried by a later one.
 */
final class StepLost implements Rule
{
    /** A step that never made more of a difference than this has nothing to lose. */
    private const SOMETHING = 1.0;
    /** Under more coats that hide nobody looks for a place. */
    private const TRIES = 6;
    /** Steps done over again in all to find places: in a very long recipe the last that are lost are only to be left out. */
    private const ROOM = 300;
    /** So few patches of a zone tell well enough where a step is seen. */
    private const PATCHES = 12;

    public function __construct(private readonly JudgeLook $judge = new JudgeLook())
    {
    }

    public function key(): string
    {
        return 'step-lost';
    }

    public function name(): string
    {
        return 'Step won\'t be visible';
    }

    public function reason(): string
    {
        return 'An effect under a coat that hides is lost work. Over that coat it shows.';
    }

    public function source(): string
    {
        return 'The look worked out with the step and without it, in every zone (ΔE by CIEDE2000).';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        $told = $found = [];
        foreach ($whole->works as $work) {
            [$stack, $lost] = self::isClear($work) || self::isToldOtherwise($whole, $work)
                ? [null, null]
                : $this->lost($whole, $work->step->id) ?? [null, null];
            if (null === $stack || null === $lost || $lost->most < self::SOMETHING) {
                continue;
            }
            // Of two equal coats each is lost without the other: one is told.
            $made = $work->mix?->name;
            if (null !== $made && isset($told[$made])) {
                continue;
            }
            $told[$made ?? $work->step->id] = true;
            $found[$lost->buriedBy ?? ' '.$work->step->id][] = [$work, $stack, $lost];
        }
        foreach ($found as $by => $lost) {
            yield $this->finding($whole, $lost, $whole->work((string) $by));
        }
    }

    /** Dye on closed wood, and what lies under a resist that is never released, are lost by what has a rule of its own. */
    private static function isToldOtherwise(RecipeAnalysis $whole, StepCalculation $work): bool
    {
        $parts = $whole->recipe->partsOf($work->step);
        $isClosed = static fn (PiecePart $p): bool => !$whole->meets($work, $p, static fn (Met $m): bool => $m->isOpenWood());
        $isKept = static fn (PiecePart $p): bool => [] !== array_filter(
            $whole->end($p),
            static fn (Met $m): bool => $m->isUnderResist($work->step->id),
        );

        return $work->dyes() && [] !== array_filter($parts, $isClosed) || [] !== array_filter($parts, $isKept);
    }

    /** Clear wax, oil or varnish does its work unseen. */
    private static function isClear(StepCalculation $work): bool
    {
        return null !== $work->mix
            && !$work->contains(
                static fn (Material $m): bool => MaterialKind::Resist === $m->kind
                    || !\in_array($m->look->kind, [LookKind::Clear, LookKind::None], true),
            );
    }

    /**
     * @param non-empty-list<array{StepCalculation, StackPreview, LookEffect}> $found what the same step buries
     */
    private function finding(RecipeAnalysis $whole, array $found, ?StepCalculation $by): Finding
    {
        usort($found, static fn (array $a, array $b): int => self::severity($b[0])->rank() <=> self::severity($a[0])->rank()
            ?: $a[0]->number <=> $b[0]->number);
        [[$work, $stack, $lost]] = $found;
        $others = array_column(\array_slice($found, 1), 0);

        return Finding::of(
            rule: $this,
            severity: self::severity($work),
            steps: [
                ...array_map(static fn (array $f): string => $f[0]->step->id, $found),
                ...(null === $by ? [] : [$by->step->id]),
            ],
            why: \sprintf(
                '“%1$s” changes %3$s by ΔE %2$s; %4$s of that remains at the end%5$s.%6$s',
                $work->step->name(),
                ExactNumber::plain($lost->most, 1),
                $lost->zone->inWords(),
                $lost->remains < 0.05 ? 'nothing' : 'only ΔE '.ExactNumber::plain($lost->remains, 1),
                null === $by ? '' : \sprintf(': buried by “%s”', $by->step->name()),
                [] === $others ? '' : \sprintf(' So %s %s.', 1 === \count($others) ? 'is' : 'are', RecipeAnalysis::names($others)),
            ),
            remedies: fn (): array => [] === $others
                ? $this->remedies(whole: $whole, work: $work, stack: $stack, lost: $lost)
                : self::ofSeveral([$work, ...$others], $by),
        );
    }

    private static function severity(StepCalculation $work): Severity
    {
        return Purpose::Hide === $work->step->intent->purpose ? Severity::Advise : Severity::Warn;
    }

    /**
     * @param non-empty-list<StepCalculation> $lost
     *
     * @return list<Remedy>
     */
    private static function ofSeveral(array $lost, ?StepCalculation $by): array
    {
        usort($lost, static fn (StepCalculation $a, StepCalculation $b): int => $a->number <=> $b->number);
        $first = $lost[0];
        $out = new Remedy(
            'out',
            'Remove the steps',
            ...array_map(static fn (StepCalculation $w): Edit => Edit::takeOut($w->step->id), $lost),
        );

        return null === $by ? [$out] : [
            new Remedy(
                'earlier',
                \sprintf('Move “%s” before “%s”', $by->step->name(), $first->step->name()),
                Edit::move($by->step->id, $first->step->id),
            ),
            $out,
        ];
    }

    /**
     * @return list<Remedy>
     */
    private function remedies(RecipeAnalysis $whole, StepCalculation $work, StackPreview $stack, LookEffect $lost): array
    {
        $remedies = [];
        $after = $this->placeWhereItIsSeen(work: $work, stack: $stack, lost: $lost);
        if (null !== $after) {
            $remedies[] = new Remedy(
                'move',
                \sprintf('Move it after “%s”', $whole->recipe->stepsById()[$after]->name()),
                Edit::move($work->step->id, $this->nextOf($whole, $after)),
            );
        }
        $remedies[] = new Remedy('out', 'Remove the step', Edit::takeOut($work->step->id));

        return $remedies;
    }

    /**
     * The stack in which most of it would be seen, and how it is lost there; null where it is not lost in every one.
     *
     * @return array{StackPreview, LookEffect}|null
     */
    private function lost(RecipeAnalysis $whole, string $stepId): ?array
    {
        $found = null;
        foreach ($whole->stacks as $stack) {
            foreach ($stack->look->effects as $effect) {
                if ($effect->stepId !== $stepId) {
                    continue;
                }
                if (!$effect->lost) {
                    return null;
                }
                $found = $effect->most > ($found[1]->most ?? -1.0) ? [$stack, $effect] : $found;
            }
        }

        return $found;
    }

    /**
     * The first step after which it is not lost: the one that buries it, or where that is in vain the one that buries it then, and so on.
     * Anywhere between it would lie under that one.
     */
    private function placeWhereItIsSeen(StepCalculation $work, StackPreview $stack, LookEffect $lost): ?string
    {
        $look = $stack->laid()->withAtMost(self::PATCHES);
        $ids = array_map(static fn ($d): string => $d->id, $look->doings);
        $room = self::ROOM;
        $from = (int) $look->indexOf($work->step->id);
        $without = [];
        $by = $lost->buriedBy;
        for ($tries = 0; $tries < self::TRIES; ++$tries) {
            $to = false === ($at = array_search($by, $ids, true)) ? $from + 1 : $at;
            $room -= \count($ids) - ([] === $without ? $from : $to);
            if ($to >= \count($ids) || $room < 0) {
                return null;
            }
            $without = [] === $without ? $look->leftOut($from, $lost->zone) : $without;
            $there = $this->judge->effectAt(look: $look, doing: $from, to: $to, zone: $lost->zone, without: $without);
            if (!$there->lost) {
                return $ids[$to];
            }
            $by = $there->buriedBy;
            if (null === $by) {
                return null;
            }
        }

        return null;
    }

    private function nextOf(RecipeAnalysis $whole, string $stepId): ?string
    {
        $ids = RecipeAnalysis::ids($whole->works);

        return $ids[(int) array_search($stepId, $ids, true) + 1] ?? null;
    }
}
