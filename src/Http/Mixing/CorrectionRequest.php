<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\App\Exchange\RawJson;

/**
 * A pot that is not as wanted: what is in it, what it is to be (`of`), what the pot holds such as "510 ml", and what there is to add; as
 * much as is
 * needed of what `have` does not name.
 */
final readonly class CorrectionRequest
{
    /**
     * @param list<RawJson> $materials schema material
     * @param list<RawJson> $mixes     schema mix
     * @param RawJson       $of        schema named
     * @param list<InPot>   $pot
     * @param list<InPot>   $have
     * @param RawJson|null  $context   schema context
     */
    public function __construct(
        public array $materials,
        public array $mixes,
        public RawJson $of,
        public array $pot,
        public ?string $holds = null,
        public array $have = [],
        public ?RawJson $context = null,
    ) {
    }
}
