<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes\Data;

use Inlaid\App\Http\Api\Document;

/**
 * A recipe to be kept.
 */
final readonly class AddRecipeRequest
{
    /**
     * @param Document $document schema recipe
     */
    public function __construct(public Document $document)
    {
    }
}
