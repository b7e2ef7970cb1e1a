<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock\Data;

/**
 * What was bought of a material: so many packs of one size, and of other sizes with it. Booked together or not at all.
 */
final readonly class PurchaseRequest
{
    /**
     * @param string              $amount of one pack, such as "750 ml"
     * @param list<PurchasedPack> $more
     */
    public function __construct(public string $amount, public int $count = 1, public array $more = [])
    {
    }

    /**
     * @return non-empty-array<string, PurchasedPack> all sizes, by where they stand
     */
    public function packs(): array
    {
        $packs = ['' => new PurchasedPack($this->amount, $this->count)];
        foreach ($this->more as $i => $pack) {
            $packs["/more/$i"] = $pack;
        }

        return $packs;
    }
}
