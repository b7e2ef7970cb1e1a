<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\RawJson;
use Inlaid\Core\Context\MeasuredBy;

/**
 * A mix and how much of it is wanted: an amount such as "200 ml", or all there is of one ingredient.
 */
final readonly class CalculateMixRequest
{
    /**
     * @param list<RawJson> $materials schema material
     * @param list<RawJson> $mixes     schema mix
     * @param RawJson       $of        schema named
     * @param string|null   $amount    such as "200 ml"
     * @param RawJson|null  $context   schema context
     */
    public function __construct(
        public array $materials,
        public array $mixes,
        public RawJson $of,
        public ?string $amount = null,
        public ?AllOf $allOf = null,
        public MeasuredBy $by = MeasuredBy::Anything,
        public ?RawJson $context = null,
    ) {
    }
}
