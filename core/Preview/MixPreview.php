<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

/**
 * A mix by itself, worked out for a wanted amount.
 *
 * Immutable. `exact` is the batch to the last digit, `measured` the one in whole measures where these allow it; the cup's
 * marks are of the measured one if there is one. `solids` is a share, open time and pot life in minutes as stated.
 */
final readonly class MixPreview
{
    /**
     * @param list<Ingredient> $ingredients
     * @param list<Remark>     $remarks
     * @param list<string>     $cautions
     */
    public function __construct(
        public string $name,
        public ?string $words,
        public array $ingredients,
        public BatchPreview $exact,
        public ?BatchPreview $measured,
        public ?CupPreview $cup,
        public float $thinning,
        public ?float $largestThinning,
        public float $solids,
        public ?int $openTime,
        public ?int $potLife,
        public bool $rewets,
        public array $remarks,
        public array $cautions,
    ) {
    }
}
