<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs\Data;

/**
 * An event that cannot be kept, by its place in what was sent and its id, if it has one; and why.
 */
final readonly class EntryError
{
    public function __construct(public int $place, public ?string $id, public string $why)
    {
    }
}
