<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\Core\Recipe\Change;

/**
 * What has been changed in the draft of the recipe.
 */
final readonly class AdoptResponse
{
    /**
     * @param list<Change> $changes
     */
    public function __construct(public string $recipe, public int $version, public array $changes)
    {
    }
}
