<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Document;

/**
 * The key of a finding of a recipe, whose remedies are to be tried.
 */
final readonly class RemediesRequest
{
    /**
     * @param Document      $document schema recipe
     * @param Document|null $context  schema context
     */
    public function __construct(public Document $document, public string $finding, public ?Document $context = null)
    {
    }
}
