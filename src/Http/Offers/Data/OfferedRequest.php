<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Id;
use Inlaid\App\Http\Api\Field\Length;

/**
 * A finished piece that is offered: a recipe in the book, or one that is only proposed.
 */
final readonly class OfferedRequest
{
    /**
     * @param Document|null $document schema recipe; not where a recipe is named
     */
    public function __construct(
        #[Length(120)]
        public string $name,
        #[Id]
        public ?string $recipe = null,
        public ?Document $document = null,
    ) {
    }
}
