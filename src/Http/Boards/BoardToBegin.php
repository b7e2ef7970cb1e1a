<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

/**
 * A board to be made of a recipe: which of its steps are laid, on the wood of which part, in patches of which size in mm; `vary` the step
 * to vary, null for the one that suits.
 */
final readonly class BoardToBegin
{
    /**
     * @param list<string> $steps
     */
    public function __construct(
        public string $recipe,
        public string $part,
        public array $steps,
        public int $width,
        public int $height,
        public ?string $vary = null,
    ) {
    }
}
