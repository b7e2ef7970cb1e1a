<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Inlaid\Core\Batch\BatchLinePreview;
use Inlaid\Core\Batch\PotPreview;

/**
 * What two weighings of a closed pot tell: what evaporated, what the pot truly is now, and what restores it.
 *
 * Immutable. `thickened` g that were lost beyond the thinner that had been added: the body itself has thickened.
 */
final readonly class EvaporationPreview
{
    public function __construct(public BatchLinePreview $restore, public float $thickened, public PotPreview $was, public PotPreview $now)
    {
    }
}
