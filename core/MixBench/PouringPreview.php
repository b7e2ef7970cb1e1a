<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Inlaid\Core\Batch\BatchLinePreview;
use Inlaid\Core\Measure\Amount;

/**
 * Calculate the target weights on the scale, and what it then makes.
 *
 * Immutable. `more` the share by which the yield has grown over what was wanted, because something was poured too much.
 */
final readonly class PouringPreview
{
    /**
     * @param list<BatchLinePreview> $targets in pouring order
     */
    public function __construct(public Amount $yield, public array $targets, public float $more)
    {
    }
}
