<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange;

use Inlaid\Core\Preview\Preview;

/**
 * A recipe worked out, and the context it was worked out in.
 */
final readonly class WorkedOut
{
    /**
     * @param RawJson $context schema context
     */
    public function __construct(public RawJson $context, public Preview $preview)
    {
    }
}
