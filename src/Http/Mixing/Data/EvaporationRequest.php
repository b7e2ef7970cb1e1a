<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\MaterialAmount;

/**
 * A closed pot weighed twice, with its lid: `then` and `now` such as "612.5 g"; `thinner` the material that evaporates.
 */
final readonly class EvaporationRequest
{
    /**
     * @param list<Document>       $materials schema material
     * @param list<MaterialAmount> $pot       what was in it when it was closed
     * @param Document|null        $context   schema context
     */
    public function __construct(
        public array $materials,
        public array $pot,
        public string $then,
        public string $now,
        public string $thinner,
        public ?Document $context = null,
    ) {
    }
}
