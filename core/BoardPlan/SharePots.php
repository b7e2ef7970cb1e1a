<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

use Brick\Math\BigRational;
use Inlaid\Core\Batch\BatchLinePreview;
use Inlaid\Core\Batch\BatchPreview;
use Inlaid\Core\Batch\CupPreview;
use Inlaid\Core\Batch\FillCup;
use Inlaid\Core\Batch\PotAllocator;
use Inlaid\Core\Batch\PotOffered;
use Inlaid\Core\Batch\PotTaken;
use Inlaid\Core\Batch\PourBatch;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Context\MeasuredBy;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Measure\MeasureAtHand;
use Inlaid\Core\Mixing\Component;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\FindMeasurableBatch;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\MeasuredBatch;
use Inlaid\Core\Mixing\MeasuredLine;
use Inlaid\Core\Mixing\MeasureNearest;
use Inlaid\Core\Mixing\Portion;

/**
 * Puts what the patches of a board need into as few pots as there are mixes.
 *
 * Each pot is the smallest batch that the spoons can measure, or drops where that would be far too much; what one leaves over goes into the
 * next of the same ingredients, where whole measures bring it to that
 * ratio. What does not keep until a later round is mixed anew for it. What the tool keeps is taken once a round, not once a patch.
 */
final readonly class SharePots
{
    /** Less than this, in ml, is not poured over. */
    private const WORTH_KEEPING = 1;
    private const MOST_DROPS = 60;

    public function __construct(
        private FindMeasurableBatch $measurable = new FindMeasurableBatch(),
        private PourBatch $pour = new PourBatch(),
        private MeasureNearest $nearest = new MeasureNearest(),
        private FillCup $fill = new FillCup(),
    ) {
    }

    /**
     * @param list<list<PatchAct>> $rounds
     */
    public function share(array $rounds, Context $context): SharedPots
    {
        [$wanted, $byPatch] = $this->wanted($rounds);
        $shelf = new PotAllocator($context);
        $pots = $left = [];
        $takes = Contents::of([]);
        foreach ($wanted as $pot) {
            $pot->onShelf = $shelf->take($pot->mix, $pot->need());
            [$described, $all, $over] = $this->pot($pot, $left, $context);
            $pots[] = $described;
            $takes = $takes->plus($all);
            if (null !== $described->fromPot) {
                unset($left[$described->fromPot]);
            }
            if (!$over->volume()->isLessThan(self::WORTH_KEEPING)) {
                $left[$pot->number] = $over;
            }
        }

        return new SharedPots($pots, $byPatch, $takes);
    }

    /**
     * @param list<list<PatchAct>> $rounds
     *
     * @return array{list<PotWanted>, array<int, array<string, int>>} the pots, and their numbers by round and patch
     */
    private function wanted(array $rounds): array
    {
        $wanted = $byPatch = [];
        foreach ($rounds as $r => $acts) {
            foreach ($acts as $act) {
                $mix = $act->work->mix;
                if (null === $mix || $act->taken() <= 0.0) {
                    continue;
                }
                $keeps = null === $act->work->drying?->potLife;
                $key = implode(
                    ' ',
                    array_map(static fn (Component $l): string => $l->material->id.':'.$l->mass, $mix->leaves),
                ).($keeps ? '' : '@'.$r);
                $wanted[$key] ??= new PotWanted(\count($wanted) + 1, $mix, $act);
                $wanted[$key]->add($act, $r + 1);
                $byPatch[$r][$act->patch->cell->label] = $wanted[$key]->number;
            }
        }

        return [array_values($wanted), $byPatch];
    }

    /**
     * @param array<int, Contents> $left what is left of the pots before, by number
     *
     * @return array{BoardPot, Contents, Contents} the pot, what it takes from the shelf, and what is left of it
     */
    private function pot(PotWanted $wanted, array $left, Context $context): array
    {
        [$mix, $need] = [$wanted->mix, $wanted->need()];
        if (1 === \count($mix->leaves)) {
            return [$this->describe($wanted, $context), Contents::ofMix($mix, $need), Contents::of([])];
        }
        $fresh = $this->fresh($mix, $need, $context);
        foreach ($left as $from => $over) {
            $add = $this->bringOver(left: $over, mix: $mix, need: $need, most: $fresh->yield ?? $need, context: $context);
            if (null !== $add) {
                $all = $over->plus($add);
                $rest = self::over($all, $need);
                $cup = $this->fill->fill(
                    $all->volume()->toFloat(),
                    [['', \sprintf('Rest of pot %d', $from), $over->volume()->toFloat()], ...FillCup::pours($add)],
                    $context,
                );

                return [
                    $this->describe(
                        wanted: $wanted,
                        context: $context,
                        batch: null,
                        cup: $cup,
                        from: $from,
                        poured: $over,
                        add: $add,
                        left: $rest,
                    ),
                    $add,
                    $rest,
                ];
            }
        }
        $batch = null === $fresh ? $this->pour->exactly($mix, $need, $context) : $this->pour->inMeasures($fresh, $context);
        $holds = null === $fresh ? Contents::ofMix($mix, $need) : self::poured($fresh->lines);
        $rest = self::over($holds, $need);

        return [
            $this->describe(wanted: $wanted, context: $context, batch: $batch, cup: $this->pour->cup($batch, $context), left: $rest),
            $holds,
            $rest,
        ];
    }

    private function describe(
        PotWanted $wanted,
        Context $context,
        ?BatchPreview $batch = null,
        ?CupPreview $cup = null,
        ?int $from = null,
        ?Contents $poured = null,
        ?Contents $add = null,
        ?Contents $left = null,
    ): BoardPot {
        $amount = static fn (?Contents $of): ?Amount => null === $of || $of->isEmpty() ? null : Amount::of($of->volume(), $context->units);

        return new BoardPot(
            number: $wanted->number,
            name: $wanted->mix->name,
            words: $wanted->words(),
            patches: $wanted->patches(),
            rounds: $wanted->rounds(),
            need: Amount::of($wanted->need(), $context->units),
            batch: $batch,
            cup: $cup,
            fromPot: $from,
            fromAmount: $amount($poured),
            add: null === $add ? [] : BatchLinePreview::all($add, $context->units, self::measures($context)),
            left: $amount($left),
            onShelf: array_map(static fn (PotTaken $t): PotOffered => PotOffered::of($t, $context), $wanted->onShelf),
        );
    }

    /** By spoons; where they would make more than twice the need, or cannot at all, by drops, of which nobody counts more than some. */
    private function fresh(FlatMix $mix, BigRational $need, Context $context): ?MeasuredBatch
    {
        $measured = fn (MeasuredBy $by): ?MeasuredBatch => $this->measurable->find(
            mix: $mix,
            need: $need,
            measures: $by->measures($context),
            tolerance: $context->tolerance,
        );
        $spoons = $measured(MeasuredBy::Anything);
        if (null !== $spoons && !$spoons->yield->isGreaterThan($need->multipliedBy(2))) {
            return $spoons;
        }
        $drops = $measured(MeasuredBy::Drops);
        $countable = null !== $drops
            && [] === array_filter($drops->lines, static fn (MeasuredLine $l): bool => $l->steps > self::MOST_DROPS);

        return $countable && (null === $spoons || $drops->yield->isLessThan($spoons->yield)) ? $drops : $spoons;
    }

    /**
     * What has to be added to a leftover, in whole measures, to make enough of another mix of it.
     *
     * @param BigRational $most ml that a fresh batch would be
     *
     * @return Contents|null null where it does not work out, or would take more than mixing anew
     */
    private function bringOver(Contents $left, FlatMix $mix, BigRational $need, BigRational $most, Context $context): ?Contents
    {
        $known = array_map(static fn (Component $l): string => $l->material->id, $mix->leaves);
        if ([] !== array_diff(array_keys($left->portions), $known)) {
            return null;
        }
        $least = $mix->leastYield($left);
        foreach (['1', '11/10', '5/4', '3/2'] as $times) {
            $yield = BigRational::of($times)->multipliedBy($need);
            $yield = $yield->isLessThan($least) ? $least : $yield;
            $lines = array_map(
                fn (Portion $p): ?MeasuredLine => $this->nearest->find($p, self::measures($context)),
                array_values(Contents::ofMix($mix, $yield)->minus($left)->portions),
            );
            if (\in_array(null, $lines, true)) {
                continue;
            }
            $add = self::poured($lines);
            $all = $left->plus($add);
            if (
                !$all->volume()->isLessThan($need)
                && !$add->volume()->isGreaterThan($most)
                && !$all->offFrom($mix)->isGreaterThan($context->tolerance)
            ) {
                return $add;
            }
        }

        return null;
    }

    /** What is left of a pot once so many ml are taken. */
    private static function over(Contents $of, BigRational $need): Contents
    {
        $volume = $of->volume();

        return $volume->isGreaterThan($need)
            ? $of->times(BigRational::one()->minus($need->dividedBy($volume))->simplified())
            : Contents::of([]);
    }

    /**
     * @param list<MeasuredLine> $lines
     */
    private static function poured(array $lines): Contents
    {
        return Contents::of(array_map(static fn (MeasuredLine $l): Portion => Portion::of($l->material, $l->grams()), $lines));
    }

    /**
     * @return list<MeasureAtHand>
     */
    private static function measures(Context $context): array
    {
        return [...$context->measures, ...MeasuredBy::Drops->measures($context)];
    }
}
