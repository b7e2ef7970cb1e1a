<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

/**
 * What a board of a recipe can vary.
 */
final readonly class BoardVariables
{
    /**
     * @param list<BoardVariable> $variables
     */
    public function __construct(public array $variables)
    {
    }
}
