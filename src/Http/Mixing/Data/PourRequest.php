<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Most;

/**
 * A mix being poured on the scale: how much is wanted such as "150 ml", and g of what has been poured, in pouring order; the last is being
 * poured.
 */
final readonly class PourRequest
{
    /**
     * @param list<Document> $materials schema material
     * @param list<Document> $mixes     schema mix
     * @param Document       $of        schema named
     * @param list<float>    $poured
     * @param Document|null  $context   schema context
     */
    public function __construct(
        public array $materials,
        public array $mixes,
        public Document $of,
        public string $amount,
        #[Most(40)]
        public array $poured = [],
        public ?Document $context = null,
    ) {
    }
}
