<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Material\Pack;
use Inlaid\Core\Measure\PrintQuantity;
use Inlaid\Core\Measure\UnitSystem;

/**
 * So many packs of one size, and what one of them costs.
 *
 * Immutable.
 */
final readonly class PackCount
{
    public function __construct(public int $count, public string $size, public float $price)
    {
    }

    /**
     * @param list<array{Pack, int}> $packs
     *
     * @return list<self>
     */
    public static function all(array $packs, UnitSystem $units): array
    {
        return array_map(static fn (array $p): self => new self($p[1], (new PrintQuantity($units))->inWords($p[0]->size), $p[0]->price), $packs);
    }

    /**
     * @param list<self> $packs
     */
    public static function price(array $packs): float
    {
        return round(array_sum(array_map(static fn (self $p): float => $p->count * $p->price, $packs)), 2);
    }
}
