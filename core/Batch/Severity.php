<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

/**
 * How much a remark matters.
 */
enum Severity: string
{
    case Stop = 'stop';
    case Warn = 'warn';
    case Advise = 'advise';

    /** The higher the graver. */
    public function rank(): int
    {
        return match ($this) {
            self::Stop => 2, self::Warn => 1, self::Advise => 0,
        };
    }
}
