<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Finishes\Data;

/**
 * The material of a step of a finish.
 */
final readonly class ChosenMaterial
{
    /**
     * @param string $step     of the finish
     * @param string $material id of a material on the shelf
     */
    public function __construct(public string $step, public string $material)
    {
    }
}
