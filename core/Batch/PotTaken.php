<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

use Brick\Math\BigRational;
use Inlaid\Core\Context\PotAtHand;

/**
 * A pot on the shelf that a step would be laid from: ml in it by then, and ml the step takes.
 *
 * Immutable.
 */
final readonly class PotTaken
{
    public function __construct(public PotAtHand $pot, public BigRational $holds, public BigRational $takes)
    {
    }
}
