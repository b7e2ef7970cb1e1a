<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Finishes\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Between;
use Inlaid\App\Http\Api\Field\Most;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Design\Lively;

/**
 * A look that is asked for.
 */
final readonly class SearchRequest
{
    /**
     * @param Document           $piece     schema piece
     * @param list<WishedColour> $colours   one for each zone that matters
     * @param string|null        $part      of the piece; the first where none is named
     * @param Lively|null        $lively    how lively the flat is to be
     * @param Sheen|null         $sheen     of a clear coat
     * @param bool               $mayBuy    also what is only in the catalogue
     * @param bool               $woodShows no covering paint
     * @param int|null           $minutes   hands-on at most
     * @param float|null         $cost      at most
     * @param bool               $thorough  searches on where one usually stops
     * @param Document|null      $context   schema context
     */
    public function __construct(
        public Document $piece,
        #[Most(4)]
        public array $colours,
        public ?string $part = null,
        public ?Lively $lively = null,
        public ?Sheen $sheen = null,
        public bool $mayBuy = true,
        public bool $woodShows = false,
        #[Between(1, 100_000, 'Enter at least a minute')]
        public ?int $minutes = null,
        #[Between(0, 1_000_000, 'A cost can\'t be negative.')]
        public ?float $cost = null,
        public bool $thorough = false,
        public ?Document $context = null,
    ) {
    }
}
