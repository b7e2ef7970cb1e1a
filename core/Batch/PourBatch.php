<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

use Brick\Math\BigRational;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Mixing\Batch;
use Inlaid\Core\Mixing\BatchLine;
use Inlaid\Core\Mixing\FindMeasurableBatch;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\Ingredient;
use Inlaid\Core\Mixing\MakeBatch;
use Inlaid\Core\Mixing\MeasuredBatch;
use Inlaid\Core\Mixing\MeasuredLine;

/**
 * Works out a batch exactly and, if the measures at hand allow it, in whole measures; with its marks on the cup that fits.
 */
final readonly class PourBatch
{
    public function __construct(
        private MakeBatch $make = new MakeBatch(),
        private FindMeasurableBatch $measurable = new FindMeasurableBatch(),
        private FillCup $fill = new FillCup(),
    ) {
    }

    public function exactly(FlatMix $mix, BigRational $need, Context $context): BatchPreview
    {
        return $this->exact($this->make->toYield($mix, $need), $context);
    }

    /**
     * @return BatchPreview|null null where the measures cannot make it, or where there is nothing to mix
     */
    public function measured(FlatMix $mix, BigRational $need, Context $context): ?BatchPreview
    {
        $found = \count($mix->leaves) > 1
            ? $this->measurable->find(mix: $mix, need: $need, measures: $context->measures, tolerance: $context->tolerance)
            : null;

        return null === $found ? null : $this->inMeasures($found, $context);
    }

    public function cup(BatchPreview $batch, Context $context): ?CupPreview
    {
        return $this->fill->fill(
            $batch->yield->ml,
            array_map(static fn (BatchLinePreview $l): array => [$l->materialId, $l->name, $l->volume], $batch->lines),
            $context,
        );
    }

    private function exact(Batch $batch, Context $context): BatchPreview
    {
        $lines = array_map(static fn (BatchLine $l): BatchLinePreview => new BatchLinePreview(
            materialId: $l->material->id,
            name: $l->material->name,
            colour: Ingredient::colourOf($l->material),
            amount: Amount::of($l->measured, $context->units, $l->mass),
            volume: round($l->volume->toFloat(), 6),
            how: null,
            isPowder: $l->material->isPowder(),
        ), $batch->lines);

        return new BatchPreview(
            measured: false,
            yield: Amount::of($batch->yield, $context->units, $batch->mass()),
            surplus: Amount::of(BigRational::zero(), $context->units),
            error: 0.0,
            lines: $lines,
            cost: self::money($batch->cost()),
            smallest: true,
        );
    }

    public function inMeasures(MeasuredBatch $batch, Context $context): BatchPreview
    {
        $grams = array_map(static fn (MeasuredLine $l): BigRational => $l->grams(), $batch->lines);
        $lines = array_map(static fn (MeasuredLine $l, BigRational $g): BatchLinePreview => new BatchLinePreview(
            materialId: $l->material->id,
            name: $l->material->name,
            colour: Ingredient::colourOf($l->material),
            amount: Amount::of($l->millilitres(), $context->units, $g),
            volume: round($g->dividedBy($l->material->body->density)->toFloat(), 6),
            how: $l->measure->inWords($l->amount()),
            isPowder: $l->material->isPowder(),
        ), $batch->lines, $grams);
        $mass = ExactNumber::sum($grams);

        return new BatchPreview(
            measured: true,
            yield: Amount::of($batch->yield, $context->units, $mass),
            surplus: Amount::of($batch->surplus, $context->units),
            error: round($batch->error->toFloat(), 5),
            lines: $lines,
            cost: self::money($batch->cost()),
            smallest: $batch->smallest,
        );
    }

    private static function money(?float $amount): ?float
    {
        return null === $amount ? null : round($amount, 2);
    }
}
