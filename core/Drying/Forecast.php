<?php

declare(strict_types=1);

namespace Inlaid\Core\Drying;

/**
 * When a coat is dry, and for how long it can be worked: an estimate, shown as one.
 *
 * Immutable. `noPromise` says why no number is given; `stop` says why nothing should be laid at all.
 */
final readonly class Forecast
{
    public function __construct(
        public ?float $factor,
        public ?string $noPromise,
        public ?string $stop,
        public Span $touch,
        public Span $recoat,
        public Span $through,
        public Span $cure,
        public ?Span $recoatMost,
        public ?Span $openTime,
        public ?Span $potLife,
    ) {
    }
}
