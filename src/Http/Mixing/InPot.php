<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

/**
 * So much of a material: `amount` such as "80 g" or "120 ml", a powder in ml as scooped.
 */
final readonly class InPot
{
    public function __construct(public string $material, public string $amount)
    {
    }
}
