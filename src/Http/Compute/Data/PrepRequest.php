<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Most;

/**
 * Lines of the proposed preparation to be taken into a recipe, by their keys.
 */
final readonly class PrepRequest
{
    /**
     * @param Document      $document schema recipe
     * @param list<string>  $take
     * @param Document|null $context  schema context
     */
    public function __construct(public Document $document, #[Most(100)] public array $take, public ?Document $context = null)
    {
    }
}
