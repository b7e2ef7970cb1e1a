<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Brick\Math\BigRational;
use Inlaid\Core\Batch\PourBatch;
use Inlaid\Core\Batch\Remark;
use Inlaid\Core\Batch\RemarkOnMix;
use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\DescribeMixing;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\Ingredient;
use Inlaid\Core\Mixing\InvalidMix;
use Inlaid\Core\Mixing\MakeBatch;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Recipe\DescribeStep;

/**
 * Works a mix out by itself: the batch, its measures and marks, and what the mix is.
 */
final readonly class PreviewMix
{
    public function __construct(
        private FlattenMix $flatten = new FlattenMix(),
        private DeriveCharacter $derive = new DeriveCharacter(),
        private MakeBatch $make = new MakeBatch(),
        private PourBatch $pour = new PourBatch(),
        private RemarkOnMix $remark = new RemarkOnMix(),
        private DescribeMixing $making = new DescribeMixing(),
    ) {
    }

    /**
     * @param BigRational $yield ml wanted
     *
     * @throws InvalidMix if nothing is wanted
     */
    public function toYield(Mixture|Material $of, BigRational $yield, Context $context): MixPreview
    {
        return $this->preview(of: $of, flat: $this->flatten->flatten($of), yield: $yield, context: $context);
    }

    /**
     * @throws InvalidMix if the material is not in the mix or there is none of it
     */
    public function fromAllOf(Mixture|Material $of, string $materialId, Quantity $have, Context $context): MixPreview
    {
        $flat = $this->flatten->flatten($of);

        return $this->preview(of: $of, flat: $flat, yield: $this->make->fromAllOf($flat, $materialId, $have)->yield, context: $context);
    }

    private function preview(Mixture|Material $of, FlatMix $flat, BigRational $yield, Context $context): MixPreview
    {
        $character = $this->derive->derive($flat);
        $exact = $this->pour->exactly($flat, $yield, $context);
        $measured = $this->pour->measured($flat, $yield, $context);
        $cup = $this->pour->cup($measured ?? $exact, $context);

        return new MixPreview(
            name: $flat->name,
            words: $of instanceof Mixture ? DescribeStep::mix($of) : null,
            ingredients: Ingredient::all($flat),
            exact: $exact,
            measured: $measured,
            cup: $cup,
            making: $this->making->steps($flat),
            thinning: round($character->thinning, 4),
            largestThinning: $character->largestThinning,
            solids: round($character->solids, 4),
            wet: null === $character->normalWet ? null : round($character->normalWet, 2),
            dry: null === $character->normalWet ? null : round($character->normalWet * $character->solids * $character->build, 2),
            spread: null === $character->spread() ? null : round($character->spread(), 2),
            carriers: $character->carriers,
            sheen: $character->sheen,
            times: $character->handling->times,
            lowestTemperature: $character->handling->lowestTemperature,
            pricePerMl: null === $flat->pricePerMl ? null : round($flat->pricePerMl, 5),
            openTime: $character->handling->openTime,
            potLife: $character->handling->potLife,
            rewets: $character->handling->rewets,
            remarks: [
                ...$character->breaks() ? [new Remark(
                    Severity::Stop,
                    'Water and oil don\'t mix: the film will break. Use a thinner of the same kind.',
                )] : [],
                ...$this->remark->remark($character, $measured ?? $exact, $cup),
            ],
            cautions: $flat->cautions(),
        );
    }
}
