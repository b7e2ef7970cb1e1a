<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Brick\Math\BigRational;
use Inlaid\Core\Batch\PotPreview;
use Inlaid\Core\Batch\PourBatch;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\InvalidMix;
use Inlaid\Core\Mixing\MakeLadder;
use Inlaid\Core\Mixing\Rung;

/**
 * Works out a graded series between two mixes.
 */
final readonly class PreviewLadder
{
    public function __construct(private MakeLadder $make = new MakeLadder(), private PourBatch $pour = new PourBatch())
    {
    }

    /**
     * @param BigRational $each ml of every rung
     *
     * @throws InvalidMix if there are too few or too many rungs, or nothing is wanted
     */
    public function preview(FlatMix $from, FlatMix $to, int $rungs, BigRational $each, Context $context): LadderPreview
    {
        $ladder = $this->make->make(from: $from, to: $to, rungs: $rungs, each: $each);

        return new LadderPreview(
            Amount::of(ExactNumber::sum(array_map(static fn (Rung $r): BigRational => $r->ofFirst, $ladder)), $context->units),
            Amount::of(ExactNumber::sum(array_map(static fn (Rung $r): BigRational => $r->ofSecond, $ladder)), $context->units),
            array_map(fn (Rung $r): RungPreview => new RungPreview(
                ofFirst: Amount::of($r->ofFirst, $context->units),
                ofSecond: Amount::of($r->ofSecond, $context->units),
                holds: PotPreview::of($r->contents, $context->units),
                measured: $this->pour->measured($r->contents->mix('rung'), $each, $context),
            ), $ladder),
        );
    }
}
