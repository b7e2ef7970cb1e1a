<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Looks;

/**
 * The one choice of a link, and what the client says to it.
 */
final readonly class LookChoice
{
    public function __construct(public string $patch, public string $comment = '')
    {
    }
}
