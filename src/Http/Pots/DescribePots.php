<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

use Inlaid\App\Http\Pots\Data\PotResponse;
use Inlaid\App\Store\Entity\StoredPot;
use Inlaid\App\Store\PotBook;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Mixing\Contents;

/**
 * Describes pots as they are now.
 */
final readonly class DescribePots
{
    public function __construct(private PotBook $pots)
    {
    }

    public function one(StoredPot $pot, Context $context): PotResponse
    {
        return $this->all([$pot], $context)[0];
    }

    /**
     * @param list<StoredPot> $pots
     *
     * @return list<PotResponse>
     */
    public function all(array $pots, Context $context): array
    {
        return array_map(
            static fn (StoredPot $p, Contents $holds): PotResponse => PotResponse::of($p, $holds, $context),
            $pots,
            $this->pots->contents(...$pots),
        );
    }
}
