<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Sqlite;

/**
 * Which pages of a store are looked at: none but what says whose it is, each for itself, or each and how they belong together.
 */
enum Pages: string
{
    case None = '';
    case Quickly = 'quick_check(1)';
    case Thoroughly = 'integrity_check(1)';
}
