<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Finishes\Data;

use Inlaid\App\Http\Api\Document;

/**
 * The piece that finishes are to be shown on.
 */
final readonly class WallRequest
{
    /**
     * @param Document      $piece   schema piece
     * @param Document|null $context schema context
     */
    public function __construct(public Document $piece, public ?Document $context = null)
    {
    }
}
