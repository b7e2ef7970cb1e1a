<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Http\Api\Field\Id;
use Inlaid\App\Http\Api\Field\Length;

/**
 * So much of a material: `amount` such as "80 g" or "120 ml", a powder in ml as scooped.
 */
final readonly class MaterialAmount
{
    public function __construct(#[Id] public string $material, #[Length(60)] public string $amount)
    {
    }
}
