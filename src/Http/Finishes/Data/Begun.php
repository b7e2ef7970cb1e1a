<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Finishes\Data;

use Inlaid\App\Exchange\RawJson;
use Inlaid\Core\Preview\Preview;

/**
 * A recipe that begins with a finish, worked out; nothing is stored.
 */
final readonly class Begun
{
    /**
     * @param RawJson $document schema recipe
     */
    public function __construct(public RawJson $document, public Preview $preview)
    {
    }
}
