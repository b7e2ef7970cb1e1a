<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System\Data;

/**
 * What usually comes next.
 *
 * Immutable. `after` keys of techniques by that of the one before; `begin` for an empty recipe.
 */
final readonly class UsualNextResponse
{
    /**
     * @param array<string, list<string>> $after
     */
    public function __construct(public array $after)
    {
    }
}
