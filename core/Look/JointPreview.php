<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

/**
 * A moving joint, worked out: what films and swelling leave of its gap after every step.
 *
 * Immutable. Lengths in mm. `swelling` is what one gap loses when the wood has taken up the season's moisture; `bindsAfter`
 * the first step after which less than the least running gap is left ("" where it binds already bare), null where it runs;
 * `apartUntil` until when the two fresh films must not touch, in ISO 8601, null where they may.
 */
final readonly class JointPreview
{
    /**
     * @param list<FitStep>   $steps
     * @param list<FitRemedy> $remedies the one that leaves most first; empty where it runs
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public float $clearance,
        public float $least,
        public float $swelling,
        public float $left,
        public array $steps,
        public ?string $bindsAfter,
        public array $remedies,
        public ?string $apartUntil,
    ) {
    }
}
