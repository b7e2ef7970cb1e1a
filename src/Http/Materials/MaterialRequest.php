<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Materials;

use Inlaid\App\Exchange\RawJson;

/**
 * A material to be added (its id and version are given by the shelf) or changed (its version must be the present one).
 */
final readonly class MaterialRequest
{
    /**
     * @param RawJson $material schema material
     */
    public function __construct(public RawJson $material)
    {
    }
}
