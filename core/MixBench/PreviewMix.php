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
        return $this->preview($of, $this->flatten->flatten($of), $yield, $context);
    }

    /**
     * @throws InvalidMix if the material is not in the mix or there is none of it
     */
    public function fromAllOf(Mixture|Material $of, string $materialId, Quantity $have, Context $context): MixPreview
    {
        $flat = $this->flatten->flatten($of);

        return $this->preview($of, $flat, $this->make->fromAllOf($flat, $materialId, $have)->yield, $context);
    }

    private function preview(Mixture|Material $of, FlatMix $flat, BigRational $yield, Context $context): MixPreview
    {
        $character = $this->derive->derive($flat);
        $exact = $this->pour->exactly($flat, $yield, $context);
        $measured = $this->pour->measured($flat, $yield, $context);
        $cup = $this->pour->cup($measured ?? $exact, $context);

        return new MixPreview(
            $flat->name,
            $of instanceof Mixture ? DescribeStep::mix($of) : null,
            Ingredient::all($flat),
            $exact,
            $measured,
            $cup,
            $this->making->steps($flat),
            round($character->thinning, 4),
            $character->largestThinning,
            round($character->solids, 4),
            null === $character->normalWet ? null : round($character->normalWet, 2),
            null === $character->normalWet ? null : round($character->normalWet * $character->solids * $character->build, 2),
            null === $character->spread() ? null : round($character->spread(), 2),
            $character->carriers,
            $character->sheen,
            $character->handling->times,
            $character->handling->lowestTemperature,
            null === $flat->pricePerMl ? null : round($flat->pricePerMl, 5),
            $character->handling->openTime,
            $character->handling->potLife,
            $character->handling->rewets,
            [
                ...$character->breaks() ? [new Remark(
                    Severity::Stop,
                    'Water and oil don\'t mix: the film will break. Use a thinner of the same kind.',
                )] : [],
                ...$this->remark->remark($character, $measured ?? $exact, $cup),
            ],
            $flat->cautions(),
        );
    }
}
