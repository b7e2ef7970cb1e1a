<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Length;

/**
 * A recipe with a target, and the last of its steps that has been done: null where none has.
 */
final readonly class NextStepRequest
{
    /**
     * @param Document      $document schema recipe
     * @param Document|null $context  schema context
     */
    public function __construct(public Document $document, #[Length(64)] public ?string $done = null, public ?Document $context = null)
    {
    }
}
