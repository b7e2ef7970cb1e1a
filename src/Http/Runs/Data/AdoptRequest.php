<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs\Data;

/**
 * Deviations, by key, that are to be planned from now on; into the draft of this version, or only tried.
 */
final readonly class AdoptRequest
{
    /**
     * @param list<string> $deviations
     */
    public function __construct(public array $deviations, public int $version, public bool $try = false)
    {
    }
}
