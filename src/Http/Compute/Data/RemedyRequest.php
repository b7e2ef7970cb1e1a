<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Document;

/**
 * A remedy to be applied to a recipe: the keys of the finding and of one of its remedies.
 */
final readonly class RemedyRequest
{
    /**
     * @param Document      $document schema recipe
     * @param Document|null $context  schema context
     */
    public function __construct(public Document $document, public string $finding, public string $remedy, public ?Document $context = null)
    {
    }
}
