<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

use Inlaid\Core\Material\Material;

/**
 * How it is cleaned up after: where rags go, and what else tools and hands are cleaned with.
 *
 * Immutable. `rags` null where nothing is said.
 */
final readonly class CleanUp
{
    /**
     * @param list<Material> $with
     */
    public function __construct(public ?Rags $rags = null, public array $with = [])
    {
    }
}
