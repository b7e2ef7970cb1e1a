<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\RawJson;

/**
 * Lines of the proposed preparation to be taken into a recipe, by their keys.
 */
final readonly class PrepRequest
{
    /**
     * @param RawJson      $document schema recipe
     * @param list<string> $take
     * @param RawJson|null $context  schema context
     */
    public function __construct(public RawJson $document, public array $take, public ?RawJson $context = null)
    {
    }
}
