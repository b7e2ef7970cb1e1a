<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Most;

/**
 * What was noted at the bench, in any order; the same again changes nothing.
 */
final readonly class EntriesRequest
{
    /**
     * @param list<Document> $events schema event
     */
    public function __construct(#[Most(500)] public array $events)
    {
    }
}
