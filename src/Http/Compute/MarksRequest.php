<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\RawJson;

/**
 * A cup, and what is poured into it one after the other.
 */
final readonly class MarksRequest
{
    /**
     * @param RawJson    $cup   schema vessel
     * @param list<Pour> $pours
     */
    public function __construct(public RawJson $cup, public array $pours)
    {
    }
}
