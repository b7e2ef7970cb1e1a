<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Brick\Math\BigRational;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\Correction;
use Inlaid\Core\Mixing\CorrectPot;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\MarkCup;
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
        private MarkCup $mark = new MarkCup(),
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
        $share = $found->pouredOff->volume()->dividedBy($pot->volume());
        $kept = $pot->times(BigRational::one()->minus($share));
        $lines = array_map(fn (Portion $p): ?MeasuredLine => $this->measure->find($p, $context->measures), array_values($found->add->portions));
        $measured = array_filter($lines);
        $then = $kept->plus(Contents::of(array_map(static fn (MeasuredLine $l): Portion => Portion::of($l->material, $l->grams()), $measured)));

        return new CorrectionPreview(
            PotPreview::of($pot, $context->units),
            $found->isReached(),
            $found->pouredOff->isEmpty() ? null : Amount::of($found->pouredOff->volume(), $context->units, $found->pouredOff->mass()),
            $this->lines($found->add, $context),
            \count($measured) < \count($lines) || $then->isEmpty() ? null : round($then->offFrom($wanted)->toFloat(), 5),
            Amount::of($found->yield, $context->units, $kept->plus($found->add)->mass()),
            $found->isReached() ? PotPreview::of($kept->plus($found->add), $context->units) : null,
            $this->lines($found->addToPouredOff, $context),
            array_map(static fn ($m): string => $m->name, $found->short),
            null === $found->nearest ? null : $this->nearest($found->nearest, $wanted, $context),
            $found->isReached() ? $this->cup($kept, $found, $context) : null,
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
        return BatchLinePreview::all($add, $context->units, fn (Portion $p): ?MeasuredLine => $this->measure->find($p, $context->measures));
    }

    /** What is kept, and on top of it what is added. */
    private function cup(Contents $kept, Correction $found, Context $context): ?CupPreview
    {
        $vessel = $this->mark->choose($context->vessels, $found->yield->toFloat());
        $pours = array_map(static fn (Portion $p): array => [$p->material->id, $p->material->name, $p->volume()->toFloat()], array_values($found->add->portions));

        return null === $vessel ? null : CupPreview::of($vessel, $this->mark->mark($vessel, [['', 'What is in it', $kept->volume()->toFloat()], ...$pours]));
    }
}
