<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Between;

/**
 * A mix, and the wet film that stays against one normal coat; the air is the context's.
 */
final readonly class DryingRequest
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
        #[Between(0, 10, 'Enter 0 to 10')]
        public float $ofNormal = 1.0,
        public ?Document $context = null,
    ) {
    }
}
