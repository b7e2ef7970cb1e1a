<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\App\Exchange\RawJson;

/**
 * A mix being poured on the scale: how much is wanted such as "150 ml", and g of what has been poured, in pouring order; the last is being
 * poured.
 */
final readonly class PourRequest
{
    /**
     * @param list<RawJson> $materials schema material
     * @param list<RawJson> $mixes     schema mix
     * @param RawJson       $of        schema named
     * @param list<float>   $poured
     * @param RawJson|null  $context   schema context
     */
    public function __construct(
        public array $materials,
        public array $mixes,
        public RawJson $of,
        public string $amount,
        public array $poured = [],
        public ?RawJson $context = null,
    ) {
    }
}
