<?php

declare(strict_types=1);

namespace Inlaid\Core\Purchase;

use Inlaid\Core\Material\Pack;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\PrintQuantity;
use Inlaid\Core\Measure\UnitSystem;

/**
 * So many packs of one size, and what one of them costs.
 *
 * Immutable. `size` in the studio's units, `exact` in ml or g to the last digit.
 */
final readonly class PackCount
{
    public function __construct(public int $count, public string $size, public string $exact, public float $price)
    {
    }

    /**
     * @param list<array{Pack, int}> $packs
     *
     * @return list<self>
     */
    public static function all(array $packs, UnitSystem $units): array
    {
        return array_map(
            static fn (array $p): self => new self(
                count: $p[1],
                size: (new PrintQuantity($units))->inWords($p[0]->size),
                exact: ExactNumber::exact($p[0]->size->amount).(Dimension::Mass === $p[0]->size->dimension ? ' g' : ' ml'),
                price: $p[0]->price,
            ),
            $packs,
        );
    }

    /**
     * @param list<self> $packs
     */
    public static function price(array $packs): float
    {
        return round(array_sum(array_map(static fn (self $p): float => $p->count * $p->price, $packs)), 2);
    }
}
