<?php

declare(strict_types=1);

namespace Inlaid\Core\Context;

use Brick\Math\BigRational;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\MeasureAtHand;

/**
 * What a batch is measured with: whatever is at hand, drops only, or a scale only; one that shows tenths of a gram where none is named.
 */
enum MeasuredBy: string
{
    case Anything = 'anything';
    case Drops = 'drops';
    case Weight = 'weight';

    /**
     * @return list<MeasureAtHand>
     */
    public function measures(Context $context): array
    {
        return match ($this) {
            self::Anything => $context->measures,
            self::Drops => [MeasureAtHand::dropper($context->drop)],
            self::Weight => array_values(array_filter(
                $context->measures,
                static fn (MeasureAtHand $m): bool => Dimension::Mass === $m->dimension,
            ))
                ?: [MeasureAtHand::of(
                    name: 'bench scale',
                    step: BigRational::of('1/10'),
                    capacity: BigRational::of(2000),
                    dimension: Dimension::Mass,
                )],
        };
    }
}
