<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Document;

/**
 * A recipe that is to come closer to its target.
 */
final readonly class CloserRequest
{
    /**
     * @param Document      $document schema recipe
     * @param Document|null $context  schema context
     */
    public function __construct(public Document $document, public ?Document $context = null)
    {
    }
}
