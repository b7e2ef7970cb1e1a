<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

/**
 * A level as a document has it, and as a painter says it.
 */
final readonly class LevelInWords
{
    public function __construct(public string $level, public string $words)
    {
    }
}
