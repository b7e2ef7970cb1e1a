<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Brick\Math\BigRational;
use Inlaid\Core\Batch\BatchLinePreview;
use Inlaid\Core\Batch\FillCup;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\PoolLeftovers;

/**
 * Works out how leftovers are used up, in measures and on a cup.
 */
final readonly class PreviewPool
{
    public function __construct(
        private PoolLeftovers $pool = new PoolLeftovers(),
        private FillCup $fill = new FillCup(),
    ) {
    }

    /**
     * @param list<array{string, Contents}> $pots  name and contents
     * @param array<string, BigRational>    $have  grams there are to add, by material id; nothing of what is not named
     * @param BigRational|null              $yield ml wanted; null for as much as there can be
     *
     * @return PoolPreview|null null where there is not enough for so much
     */
    public function preview(array $pots, FlatMix $wanted, array $have, ?BigRational $yield, Context $context): ?PoolPreview
    {
        $contents = array_column($pots, 1);
        $found = null === $yield
            ? $this->pool->most($contents, $wanted, $have)
            : $this->pool->making(yield: $yield, pots: $contents, wanted: $wanted, have: $have);
        if (null === $found) {
            return null;
        }
        $used = ExactNumber::sum($found->taken);
        $pours = [];
        foreach ($found->taken as $i => $ml) {
            if ($ml->isPositive()) {
                $pours[] = ['', $pots[$i][0], $ml->toFloat()];
            }
        }

        return new PoolPreview(
            yield: Amount::of($found->yield, $context->units),
            taken: array_map(static fn (BigRational $ml): Amount => Amount::of($ml, $context->units), $found->taken),
            left: array_map(
                static fn (BigRational $ml, Contents $pot): Amount => Amount::of($pot->volume()->minus($ml), $context->units),
                $found->taken,
                $contents,
            ),
            add: BatchLinePreview::all($found->add, $context->units, $context->measures),
            used: $found->yield->isZero() ? 0.0 : round($used->dividedBy($found->yield)->toFloat(), 4),
            cup: $found->yield->isZero()
                ? null
                : $this->fill->fill($found->yield->toFloat(), [...$pours, ...FillCup::pours($found->add)], $context),
        );
    }
}
