<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Finishes\Data;

/**
 * A step of a finish family.
 */
final readonly class FinishStep
{
    /**
     * @param string|null $role of its material, null where it takes none
     */
    public function __construct(public string $id, public string $title, public ?string $role)
    {
    }
}
