<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock;

/**
 * What was bought of a material: so many packs of one size, and of other sizes with it. Booked together or not at all.
 */
final readonly class AmountBought
{
    /**
     * @param string           $amount of one pack, such as "750 ml"
     * @param list<PackBought> $more
     */
    public function __construct(public string $amount, public int $count = 1, public array $more = [])
    {
    }
}
