<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing\Data;

use Inlaid\App\Http\Api\Field\Length;
use Inlaid\App\Http\Api\MaterialAmount;

/**
 * A leftover, and what it was made of.
 */
final readonly class Leftover
{
    /**
     * @param list<MaterialAmount> $holds
     */
    public function __construct(#[Length(120)] public string $name, public array $holds)
    {
    }
}
