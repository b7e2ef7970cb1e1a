<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

/**
 * What comes near a look, the best first; not `complete` where the search ran out of time.
 *
 * Immutable. `looks` worked out for it; `purchase` what one paint more would bring nearest; `bleached` how far the nearest finish in the
 * wood
 * would be, ΔE, once it is bleached once, twice, three times.
 */
final readonly class Proposals
{
    /**
     * @param list<Proposal> $proposals
     * @param list<float>    $bleached
     */
    public function __construct(
        public array $proposals,
        public bool $complete,
        public int $looks,
        public ?Purchasable $purchase,
        public array $bleached,
    ) {
    }
}
