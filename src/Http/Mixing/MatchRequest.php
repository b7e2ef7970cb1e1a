<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\App\Exchange\RawJson;
use Inlaid\Core\Colour\Sheen;

/**
 * A colour to be mixed from paints of the shelf, up to so many in one mix; `amount` how much of it is wanted, 100 ml where it is not said.
 */
final readonly class MatchRequest
{
    /**
     * @param list<string> $paints  ids
     * @param RawJson|null $context schema context
     */
    public function __construct(
        public string $target,
        public array $paints,
        public int $most = 3,
        public ?Sheen $sheen = null,
        public string $amount = '100 ml',
        public ?RawJson $context = null,
    ) {
    }
}
