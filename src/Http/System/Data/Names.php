<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System\Data;

use Inlaid\App\Store\NameFound;

/**
 * What was found by its name.
 */
final readonly class Names
{
    /**
     * @param list<NameFound> $found
     */
    public function __construct(public array $found)
    {
    }
}
