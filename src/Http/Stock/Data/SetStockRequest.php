<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock\Data;

use Brick\Math\BigRational;
use Inlaid\App\Http\Api\Field\Day;

/**
 * What was counted, as an exact number as text; null where nothing is left. In ml or g. Days as 2026-11-25.
 */
final readonly class SetStockRequest
{
    public function __construct(
        public ?BigRational $amount,
        public StockUnit $unit,
        #[Day]
        public ?\DateTimeImmutable $openedOn = null,
        #[Day]
        public ?\DateTimeImmutable $useBy = null,
    ) {
    }
}
