<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

use Brick\Math\BigRational;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Film\CoatNeed;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Mixing\DescribeMixing;
use Inlaid\Core\Mixing\FlatMix;
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
     * @param list<PotTaken> $pots    on the shelf that hold it
     * @param list<Mixing>   $mixings as planned; none where it isn't
     */
    public function describe(StepCalculation $work, array $pots, array $mixings, Context $context): ?PourPreview
    {
        $course = null === $work->onlyIfNot ? Scenario::Expected : Scenario::Most;
        $needs = $work->needs($course);
        if (null === $work->mix || null === $work->character || [] === $needs) {
            return null;
        }
        $all = $work->poured($course);
        $perMl = $work->mix->pricePerMl;
        $mixes = [];
        foreach ([] === $mixings ? [Mixing::once(\count($needs))] : $mixings as $mixing) {
            $mixes[] = $this->mix(mix: $work->mix, mixing: $mixing, needs: $needs, context: $context);
        }

        return new PourPreview(
            name: $work->mix->name,
            words: $work->step->uses instanceof Mixture ? DescribeStep::mix($work->step->uses) : null,
            ingredients: Ingredient::all($work->mix),
            need: Amount::of($all, $context->units),
            taken: array_map(static fn (CoatNeed $n): Amount => Amount::of($n->poured, $context->units), $needs),
            mixes: $mixes,
            thinning: round($work->character->thinning, 4),
            largestThinning: $work->character->largestThinning,
            cost: null === $perMl ? null : round($perMl * $all->toFloat(), 2),
            making: $this->making->steps($work->mix),
            pots: array_map(static fn (PotTaken $t): PotOffered => PotOffered::of($t, $context), $pots),
        );
    }

    /**
     * @param list<CoatNeed> $needs
     */
    private function mix(FlatMix $mix, Mixing $mixing, array $needs, Context $context): PouredMix
    {
        $need = BigRational::zero();
        foreach ($mixing->shares as $coat => $share) {
            $need = $need->plus($needs[$coat - 1]->poured->multipliedBy(BigRational::of((string) round($share, 4))));
        }
        $batch = $this->pour->measured($mix, $need, $context) ?? $this->pour->exactly($mix, $need, $context);

        return new PouredMix(
            coats: array_keys($mixing->shares),
            at: null === $mixing->at ? null : $context->working->iso($mixing->at),
            need: Amount::of($need, $context->units),
            batch: $batch,
            cup: $this->pour->cup($batch, $context),
        );
    }
}
