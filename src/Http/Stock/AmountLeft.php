<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock;

/**
 * What was counted, as an exact number as text; null where nothing is left. In ml or g. Days as 2026-11-25.
 */
final readonly class AmountLeft
{
    public function __construct(public ?string $amount, public string $unit, public ?string $openedOn = null, public ?string $useBy = null)
    {
    }
}
