<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

/**
 * How much a remark matters.
 */
enum Gravity: string
{
    case Stop = 'stop';
    case Warn = 'warn';
    case Advise = 'advise';
}
