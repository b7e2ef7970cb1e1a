<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots\Data;

use Inlaid\App\Http\Api\Field\Length;
use Inlaid\App\Http\Api\MaterialAmount;

/**
 * How much is poured off, such as "40 ml", what the pot it goes into is called, and what is added to the rest.
 */
final readonly class CorrectPotRequest
{
    /**
     * @param list<MaterialAmount> $add
     */
    public function __construct(public string $pourOff, #[Length(120)] public string $name, public array $add)
    {
    }
}
