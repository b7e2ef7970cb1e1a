<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Field\Id;

/**
 * Use up all there is of one ingredient: `have` such as "80 g".
 */
final readonly class AllOf
{
    public function __construct(#[Id] public string $material, public string $have)
    {
    }
}
