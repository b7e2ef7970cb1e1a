<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Inlaid\Core\Batch\BatchLinePreview;
use Inlaid\Core\Batch\PotPreview;

/**
 * The nearest that can be had where something runs out, with nothing poured off.
 *
 * Immutable. `error` the largest ratio error; `film` how thick its dry film is against the wanted one's, laid alike.
 */
final readonly class NearestPreview
{
    /**
     * @param list<BatchLinePreview> $add
     */
    public function __construct(public array $add, public PotPreview $then, public float $error, public float $film)
    {
    }
}
