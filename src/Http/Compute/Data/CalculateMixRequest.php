<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\Core\Context\MeasuredBy;

/**
 * A mix and how much of it is wanted: an amount such as "200 ml", or all there is of one ingredient.
 */
final readonly class CalculateMixRequest
{
    /**
     * @param list<Document> $materials schema material
     * @param list<Document> $mixes     schema mix
     * @param Document       $of        schema named
     * @param string|null    $amount    such as "200 ml"
     * @param Document|null  $context   schema context
     */
    public function __construct(
        public array $materials,
        public array $mixes,
        public Document $of,
        public ?string $amount = null,
        public ?AllOf $allOf = null,
        public MeasuredBy $by = MeasuredBy::Anything,
        public ?Document $context = null,
    ) {
    }
}
