<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\RawJson;

/**
 * A remedy to be applied to a recipe: the keys of the finding and of one of its remedies.
 */
final readonly class RemedyRequest
{
    /**
     * @param RawJson      $document schema recipe
     * @param RawJson|null $context  schema context
     */
    public function __construct(public RawJson $document, public string $finding, public string $remedy, public ?RawJson $context = null)
    {
    }
}
