<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

use Inlaid\App\Http\Api\Field\Id;
use Inlaid\App\Http\Api\Field\Length;

/**
 * A board to be made of a recipe: which of its steps are laid, on the wood of which part, in patches of which size in mm; `vary` the step
 * to vary and `thing` what of it, null for what suits.
 */
final readonly class BeginBoardRequest
{
    /**
     * @param list<string> $steps
     */
    public function __construct(
        #[Id]
        public string $recipe,
        #[Length(120)]
        public string $part,
        public array $steps,
        public int $width,
        public int $height,
        #[Id]
        public ?string $vary = null,
        #[Length(40)]
        public ?string $thing = null,
    ) {
    }
}
