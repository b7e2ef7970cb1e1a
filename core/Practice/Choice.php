<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice;

/**
 * One answer, with the reason those give who hold it.
 *
 * Immutable.
 */
final readonly class Choice
{
    public function __construct(public string $key, public string $name, public string $why)
    {
    }
}
