<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock\Data;

use Inlaid\App\Store\Entity\StoredStock;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\Quantity;

/**
 * What is left of a material on the shelf. The amount is an exact number as text, in ml or g; days as 2026-11-25.
 */
final readonly class StockLine
{
    public function __construct(
        public string $material,
        public string $amount,
        public StockUnit $unit,
        public ?string $openedOn,
        public ?string $useBy,
    ) {
    }

    /**
     * @param array{StoredStock, Quantity} $left
     */
    public static function of(array $left): self
    {
        [$stored, $amount] = $left;

        return new self(
            material: $stored->materialId,
            amount: ExactNumber::written($amount->amount),
            unit: StockUnit::from($stored->unit),
            openedOn: $stored->openedOn?->format('Y-m-d'),
            useBy: $stored->useBy?->format('Y-m-d'),
        );
    }
}
