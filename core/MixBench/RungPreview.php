<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Inlaid\Core\Batch\BatchPreview;
use Inlaid\Core\Batch\PotPreview;
use Inlaid\Core\Measure\Amount;

/**
 * One rung: what is taken of the two ends, what is then in it, and the smallest batch of it that can be measured from the materials.
 *
 * Immutable. `measured` null where the measures at hand cannot make it closely enough.
 */
final readonly class RungPreview
{
    public function __construct(public Amount $ofFirst, public Amount $ofSecond, public PotPreview $holds, public ?BatchPreview $measured)
    {
    }
}
