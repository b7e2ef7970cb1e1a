<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Materials\Data;

/**
 * One page of materials, by kind and name.
 */
final readonly class MaterialList
{
    /**
     * @param list<MaterialResponse> $materials
     */
    public function __construct(public int $total, public int $page, public int $pageSize, public array $materials)
    {
    }
}
