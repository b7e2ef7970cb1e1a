<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots\Data;

use Inlaid\App\Http\Api\MaterialAmount;

/**
 * What goes into a pot: materials that are in it already, or of the shelf.
 */
final readonly class AddToPotRequest
{
    /**
     * @param list<MaterialAmount> $add
     */
    public function __construct(public array $add)
    {
    }
}
