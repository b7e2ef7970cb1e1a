<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\RawJson;

/**
 * A recipe with a target, and the last of its steps that has been done: null where none has.
 */
final readonly class NextStepRequest
{
    /**
     * @param RawJson      $document schema recipe
     * @param RawJson|null $context  schema context
     */
    public function __construct(public RawJson $document, public ?string $done = null, public ?RawJson $context = null)
    {
    }
}
