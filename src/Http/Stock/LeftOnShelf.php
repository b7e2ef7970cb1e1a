<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock;

use Inlaid\App\Store\Entity\StoredStock;

/**
 * What is left of a material on the shelf. The amount is an exact number as text, in ml or g.
 */
final readonly class LeftOnShelf
{
    public function __construct(public string $material, public string $amount, public string $unit)
    {
    }

    public static function of(StoredStock $s): self
    {
        return new self($s->materialId, $s->amount, $s->unit);
    }
}
