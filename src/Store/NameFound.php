<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

/**
 * Something of the studio that has a name: a job, board, pot or material.
 *
 * Immutable.
 */
final readonly class NameFound
{
    public function __construct(public NamedKind $kind, public string $id, public string $name)
    {
    }
}
