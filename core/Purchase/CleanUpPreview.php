<?php

declare(strict_types=1);

namespace Inlaid\Core\Purchase;

/**
 * The cleaning up: with what, after which steps, and which of them leave rags that heat themselves or burn.
 *
 * Immutable.
 */
final readonly class CleanUpPreview
{
    /**
     * @param list<CleanUpLine> $lines
     * @param list<int>         $heating steps by number
     * @param list<int>         $burning
     */
    public function __construct(public array $lines, public array $heating, public array $burning)
    {
    }
}
