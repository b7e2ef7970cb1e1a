<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Finishes\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Most;

/**
 * What a recipe is begun with.
 */
final readonly class BeginRequest
{
    /**
     * @param string               $family  key of a finish
     * @param Document             $piece   schema piece
     * @param list<ChosenMaterial> $chosen  the usual materials where none is chosen
     * @param Document|null        $context schema context
     */
    public function __construct(
        public string $family,
        public Document $piece,
        #[Most(30)]
        public array $chosen = [],
        public ?Document $context = null,
    ) {
    }
}
