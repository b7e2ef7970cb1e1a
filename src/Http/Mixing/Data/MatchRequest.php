<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Between;
use Inlaid\App\Http\Api\Field\Most;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\MatchColour;
use Inlaid\Core\Colour\Sheen;

/**
 * A colour to be mixed from paints of the shelf, up to so many in one mix; `amount` how much of it is wanted, 100 ml where it is not said.
 */
final readonly class MatchRequest
{
    /**
     * @param list<string>  $paints  ids
     * @param Document|null $context schema context
     */
    public function __construct(
        public Colour $target,
        #[Most(40)]
        public array $paints,
        #[Between(1, MatchColour::MOST_PAINTS, 'Choose 1 to '.MatchColour::MOST_PAINTS.' paints')]
        public int $most = 3,
        public Sheen $sheen = Sheen::Matt,
        public string $amount = '100 ml',
        public ?Document $context = null,
    ) {
    }
}
