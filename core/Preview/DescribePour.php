<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Brick\Math\BigRational;
use Inlaid\Core\Film\CoatNeed;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Mixing\Batch;
use Inlaid\Core\Mixing\BatchLine;
use Inlaid\Core\Mixing\FindMeasurableBatch;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\MakeBatch;
use Inlaid\Core\Mixing\MarkCup;
use Inlaid\Core\Mixing\MeasuredBatch;
use Inlaid\Core\Mixing\MeasuredLine;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;

/**
 * Works out the batch for a step: in whole measures if the measures at hand allow it, with its marks on the cup that fits.
 */
final readonly class DescribePour
{
    public function __construct(
        private MakeBatch $make = new MakeBatch(),
        private FindMeasurableBatch $measurable = new FindMeasurableBatch(),
        private MarkCup $mark = new MarkCup(),
    ) {
    }

    public function describe(StepWork $work, Context $context): ?PourPreview
    {
        if (null === $work->mix || null === $work->character || [] === $work->needs) {
            return null;
        }
        $taken = array_map(static fn (CoatNeed $n): BigRational => ExactNumber::ceil($n->taken), $work->needs);
        $all = array_reduce($taken, static fn (BigRational $sum, BigRational $t): BigRational => $sum->plus($t), BigRational::zero());
        $eachCoat = $this->spoilsBetweenCoats($work);
        [$batch, $pours, $volume] = $this->batch($work->mix, $eachCoat ? $taken[0] : $all, $context);
        $vessel = $this->mark->choose($context->vessels, $volume);

        return new PourPreview(
            $work->mix->name,
            $work->step->uses instanceof Mixture ? self::inWords($work->step->uses) : null,
            Ingredient::all($work->mix),
            Amount::of($all, $context->units),
            array_map(static fn (BigRational $t): Amount => Amount::of($t, $context->units), $taken),
            $eachCoat,
            $batch,
            null === $vessel ? null : CupPreview::of($vessel, $this->mark->mark($vessel, $pours)),
            round($work->character->thinning, 4),
            $work->character->largestThinning,
            $this->make->toYield($work->mix, $all)->cost(),
        );
    }

    /**
     * As a painter says it: "1 Ballast : 3 water", by weight where it is.
     */
    public static function inWords(Mixture $mix): string
    {
        $parts = implode(' : ', array_map(static fn (Part $p): string => ExactNumber::kitchen($p->share).' '.$p->of->name, $mix->parts));

        return \Inlaid\Core\Mixing\Basis::ByMass === $mix->basis ? $parts.' by weight' : $parts;
    }

    /**
     * @return array{BatchPreview, list<array{string, string, float}>, float} the batch, its pours and their volume in ml
     */
    public function batch(FlatMix $mix, BigRational $need, Context $context): array
    {
        $exact = $this->make->toYield($mix, $need);
        $found = \count($mix->leaves) > 1 ? $this->measurable->find($mix, $need, $context->measures, $context->tolerance) : null;

        return null === $found ? $this->exactly($exact, $context) : $this->measured($found, $context);
    }

    private function spoilsBetweenCoats(StepWork $work): bool
    {
        $pot = $work->drying?->potLife?->planned;

        return null !== $pot && $work->step->coats > 1 && $pot < ($work->drying->recoat->planned ?? \PHP_INT_MAX);
    }

    /**
     * @return array{BatchPreview, list<array{string, string, float}>, float}
     */
    private function exactly(Batch $batch, Context $context): array
    {
        $lines = array_map(static fn (BatchLine $l): BatchLinePreview => new BatchLinePreview(
            $l->material->id,
            $l->material->name,
            Ingredient::colourOf($l->material),
            Amount::of($l->measured, $context->units, $l->mass),
            null,
        ), $batch->lines);
        $pours = array_map(static fn (BatchLine $l): array => [$l->material->id, $l->material->name, $l->volume->toFloat()], $batch->lines);
        $nothing = Amount::of(BigRational::zero(), $context->units);

        return [new BatchPreview(false, Amount::of($batch->yield, $context->units, $batch->mass()), $nothing, 0.0, $lines, $batch->cost()), $pours, $batch->yield->toFloat()];
    }

    /**
     * @return array{BatchPreview, list<array{string, string, float}>, float}
     */
    private function measured(MeasuredBatch $batch, Context $context): array
    {
        $lines = $pours = [];
        $mass = BigRational::zero();
        $cost = 0.0;
        foreach ($batch->lines as $line) {
            $grams = $line->millilitres()->multipliedBy($line->material->body->asMeasured());
            $mass = $mass->plus($grams);
            $price = $line->material->pricePerGram();
            $cost = null === $cost || null === $price ? null : $cost + $price * $grams->toFloat();
            $lines[] = $this->line($line, $grams, $context);
            $pours[] = [$line->material->id, $line->material->name, $grams->dividedBy($line->material->body->density)->toFloat()];
        }

        return [new BatchPreview(true, Amount::of($batch->yield, $context->units, $mass), Amount::of($batch->surplus, $context->units), round($batch->error->toFloat(), 5), $lines, $cost), $pours, $batch->yield->toFloat()];
    }

    private function line(MeasuredLine $line, BigRational $grams, Context $context): BatchLinePreview
    {
        return new BatchLinePreview(
            $line->material->id,
            $line->material->name,
            Ingredient::colourOf($line->material),
            Amount::of($line->millilitres(), $context->units, $grams),
            $line->measure->inWords($line->amount()),
        );
    }
}
