<?php

declare(strict_types=1);

namespace Inlaid\Core\Learn;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Material\Learned;

/**
 * What patches say of how a material looks, and how sure that is.
 *
 * Immutable. `learned` null where nothing can be told, `why` then; `stated` the colour it would change; `offStated` and `offLearned` the
 * mean ΔE of the patches before and after; `powerWithin` the factor and `colourWithin` the ΔE by which
 * it may well be otherwise (one standard deviation).
 */
final readonly class LearnedLook
{
    /**
     * @param list<LearnedPatch> $patches
     */
    public function __construct(
        public ?Learned $learned,
        public ?string $why,
        public ?Colour $stated,
        public ?float $offStated,
        public ?float $offLearned,
        public ?float $powerWithin,
        public ?float $colourWithin,
        public array $patches,
    ) {
    }

    public static function nothing(string $why): self
    {
        return new self(
            learned: null,
            why: $why,
            stated: null,
            offStated: null,
            offLearned: null,
            powerWithin: null,
            colourWithin: null,
            patches: [],
        );
    }
}
