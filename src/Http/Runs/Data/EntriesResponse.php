<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs\Data;

/**
 * What became of each: those that are refused are named by their place in the list; all others are kept. And the run as it is then.
 */
final readonly class EntriesResponse
{
    /**
     * @param list<EntryError> $refused
     */
    public function __construct(public array $refused, public RunResponse $run)
    {
    }
}
