<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

/**
 * What a board of a recipe can vary.
 */
final readonly class ThingsToVary
{
    /**
     * @param list<ThingToVary> $things
     */
    public function __construct(public array $things)
    {
    }
}
