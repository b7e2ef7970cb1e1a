<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\RawJson;
use Inlaid\Core\Preview\Preview;
use Inlaid\Core\Recipe\Change;

/**
 * A recipe after some changes, worked out, with what has changed in words.
 */
final readonly class FixResponse
{
    /**
     * @param RawJson      $document schema recipe
     * @param list<Change> $changes
     */
    public function __construct(public RawJson $document, public Preview $preview, public array $changes)
    {
    }
}
