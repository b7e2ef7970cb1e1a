<?php

declare(strict_types=1);

namespace Inlaid\Core\NextMove;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Findings\AnalyseRecipe;
use Inlaid\Core\Findings\CheckRecipe;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Look\DescribeLook;
use Inlaid\Core\Look\JudgeLook;
use Inlaid\Core\Look\LookEffect;
use Inlaid\Core\Look\LookTarget;
use Inlaid\Core\Look\WorkOutLook;
use Inlaid\Core\Look\ZoneColour;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Recipe\InvalidRecipe;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\Target;
use Inlaid\Core\Surface\LaidSurface;
use Inlaid\Core\Surface\SurfaceStep;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * In the middle of a job: what to do next with what is on the shelf so that the finish ends nearest its target, or to stop.
 *
 * Every move of `ProposeMoves` is laid over the face as it stands, and of the best five every second one over that; they are ranked by the
 * mean ΔE over the zones of the target. What would be stopped by a finding is left out. A second move is
 * told only where it brings more than half a ΔE.
 */
final readonly class WhereFromHere
{
    /** ΔE up to which a target is met. */
    private const MET = 2.0;
    private const FIRSTS = 5;
    private const TOLD = 6;
    private const WORTH = 0.5;

    public function __construct(
        private Practices $practices,
        private AnalyseRecipe $analyse,
        private CheckRecipe $check = new CheckRecipe([]),
        private WorkOutSteps $steps = new WorkOutSteps(),
        private WorkOutLook $look = new WorkOutLook(),
        private DescribeLook $describe = new DescribeLook(),
        private ProposeMoves $propose = new ProposeMoves(),
        private JudgeLook $judge = new JudgeLook(),
    ) {
    }

    /**
     * @param string|null      $done   the last step that has been done, null where none has
     * @param list<Material>   $shelf
     * @param \Closure(): bool $isOver whether the time to search is up
     * @param \Closure(): bool $isLate whether the time to look over what was found is up too; the best is looked over all the same
     *
     * @throws InvalidRecipe if there is no target, or none for any part
     */
    public function find(Recipe $recipe, ?string $done, array $shelf, Context $context, \Closure $isOver, \Closure $isLate): WherePreview
    {
        $target = $recipe->target ?? throw InvalidRecipe::noTarget();
        $part = $recipe->piece->largest(static fn (PiecePart $p): bool => $target->isFor($p->id)) ?? throw InvalidRecipe::noTarget();
        $at = null === $done ? -1 : array_search($done, array_map(static fn (Step $s): string => $s->id, $recipe->steps), true);
        $made = $recipe->withSteps(\array_slice($recipe->steps, 0, false === $at ? 0 : $at + 1));
        $here = $this->look->look($part, $this->worksOn($made, $part, $context));
        $now = $this->describe->target($here, $target);
        if (max([0.0, ...array_map(static fn (LookTarget $t): float => $t->deltaE, $now)]) <= self::MET) {
            return new WherePreview(stop: true, part: $part->name, now: $now, moves: [], complete: true);
        }
        [$found, $complete] = $this->search(
            made: $made,
            here: $here,
            part: $part,
            target: $target,
            moves: $this->propose->moves($shelf),
            context: $context,
            isOver: $isOver,
        );
        [$told, $allTold] = $this->told(
            found: $found,
            made: $made,
            here: $here,
            part: $part,
            target: $target,
            context: $context,
            now: self::mean($now),
            isLate: $isLate,
        );

        return new WherePreview(stop: false, part: $part->name, now: $now, moves: $told, complete: $complete && $allTold);
    }

    /**
     * @param list<Step>       $moves
     * @param \Closure(): bool $isOver
     *
     * @return array{list<array{float, non-empty-list<Step>}>, bool} the best first, with the mean ΔE they end at; whether all were looked
     *                                                               at
     */
    private function search(
        Recipe $made,
        LaidSurface $here,
        PiecePart $part,
        Target $target,
        array $moves,
        Context $context,
        \Closure $isOver,
    ): array {
        $try = fn (Step $first, Step ...$then): float => self::mean($this->describe->target(
            $this->after(made: $made, here: $here, part: $part, steps: [$first, ...array_values($then)], context: $context),
            $target,
        ));
        $firsts = $alone = [];
        foreach ($moves as $i => $move) {
            if ($isOver()) {
                return [self::ranked($firsts), false];
            }
            $firsts[] = [$alone[$i] = $try($move), [$move]];
        }
        $found = $firsts = self::ranked($firsts);
        $seconds = array_map(static fn (Step $s): Step => self::named($s, 'move-2'), $moves);
        foreach (\array_slice($firsts, 0, self::FIRSTS) as [$one, [$first]]) {
            foreach ($seconds as $i => $second) {
                if (self::work($second) === self::work($first)) {
                    continue; // once more is another number of coats, and that is among the first moves
                }
                if ($isOver()) {
                    return [self::ranked($found), false];
                }
                $both = $try($first, $second);
                if ($both < min($one, $alone[$i]) - self::WORTH) { // else one of them does it, and the other is buried
                    $found[] = [$both, [$first, $second]];
                }
            }
        }

        return [self::ranked($found), true];
    }

    private static function work(Step $step): string
    {
        return $step->technique->key().' '.$step->name();
    }

    /**
     * @param list<array{float, non-empty-list<Step>}> $found
     *
     * @return list<array{float, non-empty-list<Step>}>
     */
    private static function ranked(array $found): array
    {
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $found;
    }

    /**
     * @param list<array{float, non-empty-list<Step>}> $found
     * @param \Closure(): bool                         $isLate
     *
     * @return array{list<WhereMove>, bool} and whether all were looked over
     */
    private function told(
        array $found,
        Recipe $made,
        LaidSurface $here,
        PiecePart $part,
        Target $target,
        Context $context,
        float $now,
        \Closure $isLate,
    ): array {
        $told = [];
        $looked = 0;
        $was = $this->remaining($made, $here);
        foreach ($found as [$mean, $steps]) {
            if (\count($told) >= self::TOLD || $mean > $now) {
                break;
            }
            // Of each first move the best way on is told; another number of coats is no other move.
            $first = self::work($steps[0]);
            if (isset($told[$first])) {
                continue;
            }
            if ($looked++ > 0 && $isLate()) {
                return [array_values($told), false];
            }
            if (!$this->isStopped($made, $steps, $context)) {
                $told[$first] = $this->describe(made: $made, was: $was, part: $part, target: $target, steps: $steps, context: $context);
            }
        }

        return [array_values($told), true];
    }

    /**
     * @param list<LookEffect>     $was   what the steps made add so far
     * @param non-empty-list<Step> $steps
     */
    private function describe(Recipe $made, array $was, PiecePart $part, Target $target, array $steps, Context $context): WhereMove
    {
        $works = $this->worksOn($made->withSteps([...$made->steps, ...$steps]), $part, $context);
        $after = $this->look->look($part, $works);
        $own = \array_slice($works, -\count($steps));

        return new WhereMove(
            steps: array_map(static fn (StepCalculation $w): WhereStep => WhereStep::of($w, $context), $own),
            off: $this->describe->target($after, $target),
            zones: array_map(static fn ($z): ZoneColour => new ZoneColour($z, $after->end($z)->mean()->colour()->hex), $after->zones()),
            buries: $this->buried($made, $was, $after),
            softens: $this->softened(made: $made, was: $was, after: $after, steps: $steps),
            handsOn: array_sum(array_map(static fn (StepCalculation $w): int => $w->minutes(), $own)),
        );
    }

    /**
     * How it evens out what is lively so far, if it does.
     *
     * @param list<LookEffect> $was
     * @param list<Step>       $steps
     */
    private function softened(Recipe $made, array $was, LaidSurface $after, array $steps): ?string
    {
        $isSeen = static fn (Step $s): bool => !\in_array($s->intent->purpose, [Purpose::Hide, Purpose::Functional], true);
        $gave = array_filter(
            array_map(static fn (LookEffect $e): string => $e->stepId, $was),
            static fn (string $id): bool => $isSeen($made->stepsById()[$id]),
        );
        $new = array_map(static fn (Step $s): string => $s->id, array_filter($steps, $isSeen));
        $at = static fn (array $ids): array => array_keys(array_filter(
            $after->doings,
            static fn (SurfaceStep $d): bool => \in_array($d->id, $ids, true),
        ));
        $told = $this->judge->softened(look: $after, gave: $at($gave), judged: $at($new));

        return isset($told[0]) ? $told[0]->inWords() : null;
    }

    /**
     * @return list<LookEffect> of the steps that are to be seen
     */
    private function remaining(Recipe $made, LaidSurface $here): array
    {
        return $this->effects(
            $here,
            array_map(
                static fn (Step $s): string => $s->id,
                array_filter($made->steps, static fn (Step $s): bool => Purpose::Functional !== $s->intent->purpose),
            ),
        );
    }

    /**
     * @param array<string> $ids
     *
     * @return list<LookEffect> of these steps, as far as there is room to judge them
     */
    private function effects(LaidSurface $look, array $ids): array
    {
        return $this->judge->effects(
            $look,
            array_keys(array_filter($look->doings, static fn (SurfaceStep $d): bool => \in_array($d->id, $ids, true))),
        );
    }

    /**
     * Names of steps whose effect was there and is lost.
     *
     * @param list<LookEffect> $was
     *
     * @return list<string>
     */
    private function buried(Recipe $made, array $was, LaidSurface $after): array
    {
        $now = $this->effects($after, array_map(static fn (LookEffect $e): string => $e->stepId, $was));
        $now = array_column(array_map(static fn (LookEffect $e): array => [$e->stepId, $e], $now), 1, 0);
        $buried = [];
        foreach ($was as $before) {
            $then = $now[$before->stepId] ?? null;
            if (true === $then?->lost && $before->remains >= JudgeLook::LOST) {
                $buried[] = $made->stepsById()[$before->stepId]->name();
            }
        }

        return $buried;
    }

    /**
     * @param non-empty-list<Step> $steps
     */
    private function isStopped(Recipe $made, array $steps, Context $context): bool
    {
        $findings = $this->check->check($this->analyse->analyse($made->withSteps([...$made->steps, ...$steps]), $context));
        $ids = array_map(static fn (Step $s): string => $s->id, $steps);

        return [] !== array_filter(
            $findings,
            static fn (Finding $f): bool => Severity::Stop === $f->severity && [] !== array_intersect($f->steps, $ids),
        );
    }

    /**
     * @param non-empty-list<Step> $steps
     */
    private function after(Recipe $made, LaidSurface $here, PiecePart $part, array $steps, Context $context): LaidSurface
    {
        $works = $this->worksOn($made->withSteps($steps), $part, $context);

        return $here->then($this->look->doings($part, $works));
    }

    /**
     * @return list<StepCalculation>
     */
    private function worksOn(Recipe $recipe, PiecePart $part, Context $context): array
    {
        return $this->steps->doneOn(
            recipe: $recipe,
            climate: $context->climate,
            habits: $context->habits($this->practices, $recipe),
            there: static fn (Step $s): bool => $s->touches($part),
        );
    }

    private static function named(Step $step, string $id): Step
    {
        return Step::of(
            id: $id,
            title: $step->title,
            technique: $step->technique,
            intent: $step->intent,
            parts: $step->parts,
            uses: $step->uses,
            coats: $step->coats,
            detail: $step->detail,
            wait: $step->wait,
        );
    }

    /**
     * @param list<LookTarget> $off
     */
    private static function mean(array $off): float
    {
        return array_sum(array_map(static fn (LookTarget $t): float => $t->deltaE, $off)) / max(1, \count($off));
    }
}
