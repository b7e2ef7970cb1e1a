<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Looks\Data;

/**
 * A patch as a client sees it: what it varies in words, its colour if one was read, and its photos by number.
 */
final readonly class ClientPatch
{
    /**
     * @param list<string> $says
     * @param list<int>    $photos
     */
    public function __construct(
        public string $label,
        public ?int $row,
        public ?int $column,
        public array $says,
        public ?string $colour,
        public array $photos,
    ) {
    }
}
