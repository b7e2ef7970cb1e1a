<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots\Data;

/**
 * A page of the pots, the last made first.
 */
final readonly class PotList
{
    /**
     * @param list<PotResponse> $pots
     */
    public function __construct(public int $total, public int $page, public int $size, public array $pots)
    {
    }
}
