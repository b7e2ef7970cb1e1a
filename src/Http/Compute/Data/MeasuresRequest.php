<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Document;

/**
 * A mix and the least that is needed of it, such as "43 ml"; measures and tolerance are the context's.
 */
final readonly class MeasuresRequest
{
    /**
     * @param list<Document> $materials schema material
     * @param list<Document> $mixes     schema mix
     * @param Document       $of        schema named
     * @param Document|null  $context   schema context
     */
    public function __construct(
        public array $materials,
        public array $mixes,
        public Document $of,
        public string $need,
        public ?Document $context = null,
    ) {
    }
}
