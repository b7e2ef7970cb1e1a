<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

use Inlaid\Core\Context\Context;
use Inlaid\Core\Film\CoatNeed;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Mixing\DescribeMixing;
use Inlaid\Core\Mixing\Ingredient;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Recipe\DescribeStep;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Work\StepCalculation;

/**
 * Works out what goes into the cup for a step.
 */
final readonly class DescribePour
{
    public function __construct(private PourBatch $pour = new PourBatch(), private DescribeMixing $making = new DescribeMixing())
    {
    }

    /**
     * @param list<PotTaken> $pots on the shelf that hold it
     */
    public function describe(StepCalculation $work, array $pots, Context $context): ?PourPreview
    {
        $course = null === $work->onlyIfNot ? Scenario::Expected : Scenario::Most;
        $needs = $work->needs($course);
        if (null === $work->mix || null === $work->character || [] === $needs) {
            return null;
        }
        $all = $work->poured($course);
        $eachCoat = $this->spoilsBetweenCoats($work);
        $perMl = $work->mix->pricePerMl;
        $need = $eachCoat ? $needs[0]->poured : $all;
        $batch = $this->pour->measured($work->mix, $need, $context) ?? $this->pour->exactly($work->mix, $need, $context);

        return new PourPreview(
            name: $work->mix->name,
            words: $work->step->uses instanceof Mixture ? DescribeStep::mix($work->step->uses) : null,
            ingredients: Ingredient::all($work->mix),
            need: Amount::of($all, $context->units),
            taken: array_map(static fn (CoatNeed $n): Amount => Amount::of($n->poured, $context->units), $needs),
            eachCoat: $eachCoat,
            batch: $batch,
            cup: $this->pour->cup($batch, $context),
            thinning: round($work->character->thinning, 4),
            largestThinning: $work->character->largestThinning,
            cost: null === $perMl ? null : round($perMl * $all->toFloat(), 2),
            making: $this->making->steps($work->mix),
            pots: array_map(static fn (PotTaken $t): PotOffered => PotOffered::of($t, $context), $pots),
        );
    }

    /**
     * A pot that does not keep until the next coat is mixed anew for each.
     */
    private function spoilsBetweenCoats(StepCalculation $work): bool
    {
        $pot = $work->drying?->potLife?->planned;

        return null !== $pot && $work->step->coats > 1 && $pot < ($work->drying->recoat->planned ?? \PHP_INT_MAX);
    }
}
