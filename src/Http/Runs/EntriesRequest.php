<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\RawJson;

/**
 * What was noted at the bench, in any order; the same again changes nothing.
 */
final readonly class EntriesRequest
{
    /**
     * @param list<RawJson> $events schema event
     */
    public function __construct(public array $events)
    {
    }
}
