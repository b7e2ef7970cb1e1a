<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Materials\Data;

use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Store\Entity\StoredMaterial;

/**
 * A material as it stands on the shelf.
 */
final readonly class MaterialResponse
{
    /**
     * @param RawJson $material schema material
     */
    public function __construct(public RawJson $material, public bool $archived)
    {
    }

    public static function of(StoredMaterial $m): self
    {
        return new self(new RawJson($m->document), null !== $m->archivedAt);
    }
}
