<?php

declare(strict_types=1);

namespace Inlaid\Core\Eye;

/**
 * Something a painter's eye is asked, with its answer.
 *
 * Immutable. `truth` is the place of the right one among the options; where the kind has an order, they are in it.
 */
final readonly class EyeQuestion
{
    /**
     * @param list<EyeSwatch> $shown
     * @param list<string>    $options
     */
    public function __construct(
        public EyeKind $kind,
        public array $shown,
        public array $options,
        public int $truth,
        public string $says,
    ) {
    }
}
