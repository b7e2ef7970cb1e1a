<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Materials\Data;

use Inlaid\App\Http\Api\Document;

/**
 * A material to be added (its id and version are given by the shelf) or changed (its version must be the present one).
 */
final readonly class MaterialRequest
{
    /**
     * @param Document $material schema material
     */
    public function __construct(public Document $material)
    {
    }
}
