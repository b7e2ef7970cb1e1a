<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

/**
 * The error, and where it is: a JSON pointer (RFC 6901) and a sentence a painter understands.
 */
final readonly class Violation
{
    public function __construct(public string $pointer, public string $message)
    {
    }
}
