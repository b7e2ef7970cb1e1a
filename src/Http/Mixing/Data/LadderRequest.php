<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing\Data;

use Inlaid\App\Http\Api\Document;

/**
 * A graded series between two mixes: so many rungs, and how much of each such as "20 ml".
 */
final readonly class LadderRequest
{
    /**
     * @param list<Document> $materials schema material
     * @param list<Document> $mixes     schema mix
     * @param Document       $from      schema named
     * @param Document       $to        schema named
     * @param Document|null  $context   schema context
     */
    public function __construct(
        public array $materials,
        public array $mixes,
        public Document $from,
        public Document $to,
        public int $rungs,
        public string $each,
        public ?Document $context = null,
    ) {
    }
}
