<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes\Data;

use Inlaid\Core\Recipe\Change;

/**
 * What is different, in words; empty where nothing is.
 */
final readonly class Comparison
{
    /**
     * @param list<Change> $changes
     */
    public function __construct(public array $changes)
    {
    }
}
