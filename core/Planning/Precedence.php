<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * That a work comes after another: what must pass between the end of that one and the beginning of this, and how much may at most.
 *
 * Immutable. `most` in minutes.
 */
final readonly class Precedence
{
    public function __construct(public string $after, public Wait $wait, public ?int $most = null)
    {
    }
}
