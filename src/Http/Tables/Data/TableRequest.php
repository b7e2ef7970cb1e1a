<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Tables\Data;

use Inlaid\App\Http\Api\Field\Length;

/**
 * A table as the text of a CSV file.
 */
final readonly class TableRequest
{
    public function __construct(#[Length(2_000_000)] public string $text)
    {
    }
}
