<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

use Inlaid\Core\Batch\BatchLinePreview;
use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Board\Board;
use Inlaid\Core\Board\Difference;
use Inlaid\Core\Board\DiffPatches;
use Inlaid\Core\Board\OrderRounds;
use Inlaid\Core\Board\Patch;
use Inlaid\Core\Board\WriteBack;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Look\WorkOutLook;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * Works a sample board out: pots for all patches, the rounds by the clock with the timers of every patch, what to write on the backs, and
 * whether it will tell anything.
 */
final readonly class PreviewBoard
{
    /**
     * Steps of all patches together that are worked out as finely as one recipe: six by six patches of up to eight steps. Of more each has
     * less room.
     */
    private const FULL = 300;

    public function __construct(
        private Practices $practices,
        private WorkOutSteps $steps = new WorkOutSteps(),
        private OrderRounds $order = new OrderRounds(),
        private SharePots $pots = new SharePots(),
        private PlanBoard $plan = new PlanBoard(),
        private CheckBoard $check = new CheckBoard(),
        private DiffPatches $diff = new DiffPatches(),
        private WriteBack $back = new WriteBack(),
        private WorkOutLook $look = new WorkOutLook(),
    ) {
    }

    public function preview(Board $board, Context $context): BoardPreview
    {
        $works = [];
        foreach ($board->patches as $patch) {
            $works[$patch->cell->label] = $this->steps->workOut(
                $patch->recipe,
                $context->climate,
                $context->habits($this->practices, $patch->recipe),
            );
        }
        $rounds = $this->rounds($board, $works);
        $shared = $this->pots->share($rounds, $context);
        $planned = $this->plan->plan(board: $board, rounds: $rounds, pots: $shared->byPatch, context: $context);
        $control = $board->control();
        $share = min(1.0, self::FULL / max(1, array_sum(array_map(\count(...), $works))));
        /** @var \Closure(Patch, Zone): non-empty-list<ZoneState> $course */
        $course = fn (Patch $p, Zone $zone): array => $this->look->course(
            part: $p->recipe->piece->parts[0],
            works: array_values(array_filter($works[$p->cell->label], static fn (StepCalculation $w): bool => $w->isDone())),
            zone: $zone,
            share: $share,
        );
        $flats = $faces = [];
        foreach ($board->patches as $patch) {
            $flat = $course($patch, Zone::Field);
            $faces[] = PatchFace::of($flat);
            $flats[] = self::end($flat);
        }
        $cautions = array_merge(
            [],
            ...array_map(static fn (PatchAct $a): array => $a->work->mix?->cautions() ?? [], array_merge([], ...$rounds)),
        );

        return new BoardPreview(
            columns: AxisPreview::of($board->columns),
            rows: null === $board->rows ? null : AxisPreview::of($board->rows),
            patches: array_map(fn (Patch $p, ZoneState $flat, PatchFace $face): PatchPreview => new PatchPreview(
                label: $p->cell->label,
                row: $p->cell->row,
                column: $p->cell->column,
                control: $p->isControl(),
                says: $p->cell->says,
                differs: array_map(static fn (Difference $d): string => $d->inWords(), $this->diff->between($p->recipe, $control->recipe)),
                back: $this->back->lines($p),
                predicted: $flat->mean()->colour()->hex,
                face: $face,
            ), $board->patches, $flats, $faces),
            rounds: $planned->rounds,
            pots: $shared->pots,
            materials: BatchLinePreview::all($shared->takes, $context->units),
            remarks: [
                ...array_map(
                    static fn (BoardRound $r): BoardRemark => new BoardRemark(
                        Severity::Stop,
                        array_map(static fn (PatchTurn $t): string => $t->patch, $r->turns),
                        \sprintf('%s: %s', $r->name, $r->cannot),
                    ),
                    array_values(array_filter($planned->rounds, static fn (BoardRound $r): bool => null !== $r->cannot)),
                ),
                ...$planned->remarks,
                ...$this->check->check($board, $flats, static fn (Patch $p): ZoneState => self::end($course($p, Zone::Pore))),
            ],
            cautions: array_values(array_unique($cautions)),
            area: round($board->width * $board->height * \count($board->patches) / 1e6, 4),
            handsOn: (int) ceil(array_sum(array_map(static fn (BoardRound $r): int => $r->length, $planned->rounds)) / 60),
            ready: null === $planned->ready ? null : $context->working->iso($planned->ready),
            stuck: $planned->stuck,
        );
    }

    /**
     * @param array<string, list<StepCalculation>> $works by patch
     *
     * @return list<non-empty-list<PatchAct>>
     */
    private function rounds(Board $board, array $works): array
    {
        $acts = $order = [];
        foreach ($board->patches as $patch) {
            foreach ($works[$patch->cell->label] ?? [] as $work) {
                for ($coat = 1; $coat <= $work->rounds(); ++$coat) {
                    $act = new PatchAct($patch, $work, $coat);
                    $acts[$patch->cell->label][$act->key()] = $act;
                    if (!isset($order[$act->key()]) || $patch->isControl()) {
                        $order[$act->key()] = [$work->number, $coat];
                    }
                }
            }
        }
        uasort($order, static fn (array $a, array $b): int => $a <=> $b);
        $sequences = array_map(static fn (array $of): array => array_map(strval(...), array_keys($of)), $acts);

        return array_map(
            static fn (array $round): array => array_map(static fn (string $label): PatchAct => $acts[$label][$round[0]], $round[1]),
            $this->order->order($sequences, array_map(strval(...), array_keys($order))),
        );
    }

    /**
     * @param non-empty-list<ZoneState> $course
     */
    private static function end(array $course): ZoneState
    {
        return $course[\count($course) - 1];
    }
}
