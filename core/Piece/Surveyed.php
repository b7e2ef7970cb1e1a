<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * What is known of a part: what most likely lies on it, which test tells most next, and what follows.
 *
 * Immutable. `next` is null where no test of the finish is left that would tell anything; `gain` in bits.
 */
final readonly class Surveyed
{
    /**
     * @param non-empty-list<LikelyFinish> $finishes    the most probable first
     * @param list<Conclusion>             $conclusions
     */
    public function __construct(
        public array $finishes,
        public string $sure,
        public ?FieldTest $next,
        public ?float $gain,
        public array $conclusions,
    ) {
    }
}
