<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Between;
use Inlaid\Core\Colour\Colour;

/**
 * A mix as it is written (`of`), how much there is in the pot such as "300 ml", and what a stripe of it looks like: like one of the stripes
 * of the answer (`looks`, from 0), or its own colours on black and on white; neither to see the stripes first.
 */
final readonly class StripesRequest
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
        public ?string $holds = null,
        public ?Colour $onBlack = null,
        public ?Colour $onWhite = null,
        #[Between(0, 10, 'Name one of the stripes')]
        public ?int $looks = null,
        public ?Document $context = null,
    ) {
    }
}
