<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

/**
 * All pots, the last made first.
 */
final readonly class PotList
{
    /**
     * @param list<PotOnShelf> $pots
     */
    public function __construct(public array $pots)
    {
    }
}
