<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Finishes\Data;

use Inlaid\App\Studio\Proposals;

/**
 * One line of the answer to a search: what is nearest so far, or in the last line the answer.
 */
final readonly class SearchLine
{
    /**
     * @param list<SoFar>|null $soFar the nearest first
     */
    public function __construct(public ?array $soFar, public ?Proposals $answer)
    {
    }
}
