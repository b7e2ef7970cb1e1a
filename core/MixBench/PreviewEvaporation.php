<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Brick\Math\BigRational;
use Inlaid\Core\Batch\BatchLinePreview;
use Inlaid\Core\Batch\PotPreview;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\FindEvaporated;
use Inlaid\Core\Mixing\InvalidMix;

/**
 * Works out what evaporated from a closed pot, and what restores it.
 */
final readonly class PreviewEvaporation
{
    public function __construct(private FindEvaporated $find = new FindEvaporated())
    {
    }

    /**
     * @param BigRational $then grams when it was closed
     * @param BigRational $now  grams today
     *
     * @throws InvalidMix if the pot is empty, nothing has evaporated, it is heavier than it was, or has lost more than could evaporate
     */
    public function preview(Contents $pot, BigRational $then, BigRational $now, Material $thinner, Context $context): EvaporationPreview
    {
        if ($pot->isEmpty()) {
            throw InvalidMix::emptyPot();
        }
        $found = $this->find->find(pot: $pot, then: $then, now: $now, thinner: $thinner);
        $restore = BatchLinePreview::all(Contents::of([$found->restore]), $context->units, $context->measures);

        return new EvaporationPreview(
            restore: $restore[0] ?? throw InvalidMix::nothingEvaporated(),
            thickened: round($found->thickened->toFloat(), 3),
            was: PotPreview::of($pot, $context->units),
            now: PotPreview::of($found->left, $context->units),
        );
    }
}
