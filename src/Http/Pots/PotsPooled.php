<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

use Inlaid\App\Http\Mixing\InPot;

/**
 * A new pot of what is taken from others; one other to pour some of it off. It is meant to be what the first of them is.
 */
final readonly class PotsPooled
{
    /**
     * @param non-empty-list<OfPot> $from
     * @param list<InPot>           $add
     */
    public function __construct(
        public string $name,
        public array $from,
        public array $add = [],
        public string $place = '',
        public ?string $useBy = null,
    ) {
    }
}
