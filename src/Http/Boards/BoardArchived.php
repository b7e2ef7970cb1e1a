<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

/**
 * Whether it is put away.
 */
final readonly class BoardArchived
{
    public function __construct(public bool $archived)
    {
    }
}
