<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Recipe\Change;

/**
 * What is changed in the draft of the recipe, and what that brings about.
 *
 * Immutable. `findings` those that only come with it, such as what is buried by it.
 */
final readonly class AdoptResponse
{
    /**
     * @param list<Change>  $changes
     * @param list<Finding> $findings
     */
    public function __construct(public string $recipe, public int $version, public array $changes, public array $findings)
    {
    }
}
