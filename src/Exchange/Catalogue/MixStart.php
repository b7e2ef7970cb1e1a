<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Catalogue;

/**
 * A mix to begin with, by volume: its parts in pouring order, and how it is made.
 */
final readonly class MixStart
{
    /**
     * @param list<MixStartPart> $parts
     */
    public function __construct(public string $name, public array $parts, public string $how)
    {
    }
}
