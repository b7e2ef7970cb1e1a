<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

/**
 * A leftover, and what it was made of.
 */
final readonly class Leftover
{
    /**
     * @param list<InPot> $holds
     */
    public function __construct(public string $name, public array $holds)
    {
    }
}
