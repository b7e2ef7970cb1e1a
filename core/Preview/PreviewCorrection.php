<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Brick\Math\BigRational;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\CorrectPot;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\MeasuredLine;
use Inlaid\Core\Mixing\MeasureNearest;
use Inlaid\Core\Mixing\MixingRefusal;
use Inlaid\Core\Mixing\NearestRatio;
use Inlaid\Core\Mixing\Portion;

/**
 * Works out how a pot is put right, in measures and on a cup.
 */
final readonly class PreviewCorrection
{
    public function __construct(
        private CorrectPot $correct = new CorrectPot(),
        private MeasureNearest $measure = new MeasureNearest(),
        private FillCup $fill = new FillCup(),
        private DeriveCharacter $derive = new DeriveCharacter(),
    ) {
    }

    /**
     * @param BigRational|null           $holds ml the pot holds
     * @param array<string, BigRational> $have  grams there are to add, by material id; as much as is needed of what is not named
     *
     * @throws MixingRefusal if the pot is empty, holds what is not in the mix, or is fuller than full
     */
    public function preview(Contents $pot, FlatMix $wanted, ?BigRational $holds, array $have, Context $context): CorrectionPreview
    {
        $found = $this->correct->correct($pot, $wanted, $holds, $have);
        $measured = array_filter(array_map(fn (Portion $p): ?MeasuredLine => $this->measure->find($p, $context->measures), array_values($found->add->portions)));
        $asMeasured = $found->kept->plus(Contents::of(array_map(static fn (MeasuredLine $l): Portion => Portion::of($l->material, $l->grams()), $measured)));
        $then = $found->kept->plus($found->add);

        return new CorrectionPreview(
            PotPreview::of($pot, $context->units),
            $found->isReached(),
            $found->pouredOff->isEmpty() ? null : Amount::of($found->pouredOff->volume(), $context->units, $found->pouredOff->mass()),
            $this->lines($found->add, $context),
            \count($measured) < \count($found->add->portions) || $asMeasured->isEmpty() ? null : round($asMeasured->offFrom($wanted)->toFloat(), 5),
            Amount::of($found->yield, $context->units, $then->mass()),
            $found->isReached() ? PotPreview::of($then, $context->units) : null,
            $this->lines($found->addToPouredOff, $context),
            array_map(static fn ($m): string => $m->name, $found->short),
            null === $found->nearest ? null : $this->nearest($found->nearest, $wanted, $context),
            // what is kept, and on top of it what is added
            $found->isReached() ? $this->fill->fill($found->yield->toFloat(), [['', 'What is in it', $found->kept->volume()->toFloat()], ...FillCup::pours($found->add)], $context) : null,
        );
    }

    private function nearest(NearestRatio $nearest, FlatMix $wanted, Context $context): NearestPreview
    {
        $solids = fn (FlatMix $mix): float => $this->derive->derive($mix)->solids;
        $should = $solids($wanted);

        return new NearestPreview(
            $this->lines($nearest->add, $context),
            PotPreview::of($nearest->pot, $context->units),
            round($nearest->error->toFloat(), 5),
            $should > 0 ? round($solids($nearest->pot->mix('nearest')) / $should, 4) : 1.0,
        );
    }

    /**
     * @return list<BatchLinePreview>
     */
    private function lines(Contents $add, Context $context): array
    {
        return BatchLinePreview::all($add, $context->units, $context->measures);
    }
}
