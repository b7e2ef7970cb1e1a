<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Brick\Math\BigRational;
use Inlaid\Core\Batch\BatchLinePreview;
use Inlaid\Core\Batch\FillCup;
use Inlaid\Core\Batch\PotPreview;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\PrintQuantity;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\Correction;
use Inlaid\Core\Mixing\CorrectPot;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\FindNearestRatio;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\InvalidMix;
use Inlaid\Core\Mixing\MeasuredLine;
use Inlaid\Core\Mixing\MeasureNearest;
use Inlaid\Core\Mixing\NearestRatio;
use Inlaid\Core\Mixing\Portion;

/**
 * Works out how a pot is put right, in measures and on a cup.
 */
final readonly class PreviewCorrection
{
    private const TRIES = 30;
    /** A ratio that is so little off is the one wanted: amounts in the ledger lie on a grid. */
    private const AS_WANTED = '1/100000';

    public function __construct(
        private CorrectPot $correct = new CorrectPot(),
        private MeasureNearest $measure = new MeasureNearest(),
        private FillCup $fill = new FillCup(),
        private DeriveCharacter $derive = new DeriveCharacter(),
        private FindNearestRatio $nearest = new FindNearestRatio(),
    ) {
    }

    /**
     * @param BigRational|null           $holds ml the pot holds
     * @param array<string, BigRational> $have  grams there are to add, by material id; as much as is needed of what is not named
     *
     * @throws InvalidMix if the pot is empty, holds what is not in the mix, or is fuller than full
     */
    public function preview(Contents $pot, FlatMix $wanted, ?BigRational $holds, array $have, Context $context): CorrectionPreview
    {
        if (\count($pot->portions) === \count($wanted->leaves) && $pot->offFrom($wanted)->isLessThan(self::AS_WANTED)) {
            $pot = Contents::ofMix($wanted, $pot->volume());
        }
        $found = $this->belowTheBrim(pot: $pot, wanted: $wanted, holds: $holds, have: $have, context: $context);
        $measured = array_filter(array_map(
            fn (Portion $p): ?MeasuredLine => $this->measure->find($p, $context->measures),
            array_values($found->add->portions),
        ));
        $asMeasured = $found->kept->plus(Contents::of(array_map(
            static fn (MeasuredLine $l): Portion => Portion::of($l->material, $l->grams()),
            $measured,
        )));
        $then = $found->kept->plus($found->add);

        return new CorrectionPreview(
            now: PotPreview::of($pot, $context->units),
            reached: $found->isReached(),
            pourOff: $found->pouredOff->isEmpty()
                ? null
                : Amount::of($found->pouredOff->volume(), $context->units, $found->pouredOff->mass()),
            add: $this->lines($found->add, $context),
            error: \count($measured) < \count($found->add->portions) || $asMeasured->isEmpty()
                ? null
                : round($asMeasured->offFrom($wanted)->toFloat(), 5),
            yield: Amount::of($found->yield, $context->units, $then->mass()),
            then: $found->isReached() ? PotPreview::of($then, $context->units) : null,
            pouredOffNeeds: $this->lines($found->addToPouredOff, $context),
            short: array_map(static fn ($m): string => $m->name, $found->short),
            nearest: null === $found->nearest
                ? null
                : $this->describe(
                    $this->nearestBelowTheBrim(
                        nearest: $found->nearest,
                        pot: $pot,
                        wanted: $wanted,
                        holds: $holds,
                        have: $have,
                        context: $context,
                    ),
                    $wanted,
                    $context,
                ),
            // what is kept, and on top of it what is added
            cup: $found->isReached()
                ? $this->fill->fill(
                    $found->yield->toFloat(),
                    [['', 'What is in it', $found->kept->volume()->toFloat()], ...FillCup::pours($found->add)],
                    $context,
                )
                : null,
        );
    }

    /**
     * What is said is rounded, to what can be read and to whole measures. Where that would go over the brim, so much more of the vessel is
     * left free.
     *
     * @param array<string, BigRational> $have
     */
    private function belowTheBrim(Contents $pot, FlatMix $wanted, ?BigRational $holds, array $have, Context $context): Correction
    {
        $spare = BigRational::zero();
        for ($tries = 0;; ++$tries) {
            $found = $this->correct->correct(pot: $pot, wanted: $wanted, holds: $holds, have: $have, spare: $spare);
            $over = null === $holds
                ? 0.0
                : $this->asPoured(pot: $pot, off: $found->pouredOff, add: $found->add, context: $context) - $holds->toFloat();
            if ($over <= 0.0 || $tries >= self::TRIES) {
                return $found;
            }
            // quicker and quicker, as rounding moves by steps
            $spare = $spare->plus($spare->dividedBy(4))->plus(ExactNumber::ceil($over, 3))->plus('1/1000')->simplified();
        }
    }

    /**
     * The same for what comes nearest, of which nothing is poured off: where all of it is full to the brim, nothing is added.
     *
     * @param array<string, BigRational> $have
     */
    private function nearestBelowTheBrim(
        NearestRatio $nearest,
        Contents $pot,
        FlatMix $wanted,
        ?BigRational $holds,
        array $have,
        Context $context,
    ): NearestRatio {
        $spare = BigRational::zero();
        $least = $pot->volume();
        for ($tries = 0; null !== $holds && $tries < self::TRIES; ++$tries) {
            $over = $this->asPoured(pot: $pot, off: Contents::of([]), add: $nearest->add, context: $context) - $holds->toFloat();
            if ($over <= 0.0) {
                break;
            }
            $spare = $spare->plus($spare->dividedBy(4))->plus(ExactNumber::ceil($over, 3))->plus('1/1000')->simplified();
            $room = $holds->minus($spare);
            $nearest = $this->nearest->find(pot: $pot, wanted: $wanted, holds: $room->isLessThan($least) ? $least : $room, have: $have);
        }

        return $nearest;
    }

    /** ml in the vessel after what is said was done: poured off as read, and added as read or as measured, whichever is more. */
    private function asPoured(Contents $pot, Contents $off, Contents $add, Context $context): float
    {
        $print = new PrintQuantity($context->units);
        $level = $pot->volume()->toFloat() - ($off->isEmpty() ? 0.0 : $print->asRead($off->volume()->toFloat()));
        foreach ($add->portions as $portion) {
            $inPot = $portion->volume()->toFloat() / $portion->measured()->toFloat(); // a powder takes up less than a scoop of it
            $measured = $this->measure->find($portion, $context->measures)?->millilitres()->toFloat() ?? 0.0;
            $level += $inPot * max($print->asRead($portion->measured()->toFloat()), $measured);
        }

        return $level;
    }

    private function describe(NearestRatio $nearest, FlatMix $wanted, Context $context): NearestPreview
    {
        $solids = fn (FlatMix $mix): float => $this->derive->derive($mix)->solids;
        $should = $solids($wanted);

        return new NearestPreview(
            add: $this->lines($nearest->add, $context),
            then: PotPreview::of($nearest->pot, $context->units),
            error: round($nearest->error->toFloat(), 5),
            film: $should > 0 ? round($solids($nearest->pot->mix('nearest')) / $should, 4) : 1.0,
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
