<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

/**
 * A patch of a board, in words.
 *
 * Immutable.
 */
final readonly class PatchCard
{
    /**
     * @param list<string> $says what it varies
     */
    public function __construct(public string $label, public ?int $row, public ?int $column, public bool $control, public array $says)
    {
    }
}
