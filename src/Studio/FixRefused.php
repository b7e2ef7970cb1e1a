<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

/**
 * A fix that doesn't help, or causes something worse. `reason` is a word for programs.
 */
final class FixRefused extends \RuntimeException
{
    public function __construct(public readonly string $reason, string $message)
    {
        parent::__construct($message);
    }
}
