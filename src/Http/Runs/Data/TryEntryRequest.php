<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs\Data;

use Inlaid\App\Http\Api\Document;

/**
 * An entry of the bench that improvises a step, to be looked at before it is laid.
 */
final readonly class TryEntryRequest
{
    /**
     * @param Document $event schema event
     */
    public function __construct(public Document $event)
    {
    }
}
