<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Inlaid\Core\Batch\BatchPreview;
use Inlaid\Core\Batch\CupPreview;
use Inlaid\Core\Batch\Remark;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\StatedTimes;
use Inlaid\Core\Mixing\Ingredient;

/**
 * A mix by itself, worked out for a wanted amount.
 *
 * Immutable. `exact` is the batch to the last digit, `measured` the one in whole measures where these allow it; the cup's
 * marks are of the measured one if there is one. `solids` is a share; `wet` and `dry` µm of one normal coat and `spread` m²/L, null where
 * nothing in it makes a
 * film; times in minutes as stated; `pricePerMl` null where a price is not known.
 */
final readonly class MixPreview
{
    /**
     * @param list<Ingredient> $ingredients
     * @param list<string>     $making      in which order it is made, where that matters
     * @param list<Remark>     $remarks
     * @param list<Carrier>    $carriers
     * @param list<string>     $cautions
     */
    public function __construct(
        public string $name,
        public ?string $words,
        public array $ingredients,
        public BatchPreview $exact,
        public ?BatchPreview $measured,
        public ?CupPreview $cup,
        public array $making,
        public float $thinning,
        public ?float $largestThinning,
        public float $solids,
        public ?float $wet,
        public ?float $dry,
        public ?float $spread,
        public array $carriers,
        public ?Sheen $sheen,
        public ?StatedTimes $times,
        public float $lowestTemperature,
        public ?float $pricePerMl,
        public ?int $openTime,
        public ?int $potLife,
        public bool $rewets,
        public array $remarks,
        public array $cautions,
    ) {
    }
}
