<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

use Inlaid\Core\Board\Difference;
use Inlaid\Core\Colour\ColourDifference;

/**
 * Two patches side by side: in what they were done differently, and how their colours differ from one another and from the target, as far
 * as they were read.
 */
final readonly class PatchComparison
{
    /**
     * @param list<Difference> $done
     */
    public function __construct(
        public string $one,
        public string $other,
        public array $done,
        public ?ColourDifference $seen,
        public ?ColourDifference $oneOffTarget,
        public ?ColourDifference $otherOffTarget,
    ) {
    }
}
