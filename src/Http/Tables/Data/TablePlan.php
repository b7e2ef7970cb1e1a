<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Tables\Data;

use Inlaid\App\Studio\TableLine;

/**
 * What taking a table in does, line by line.
 */
final readonly class TablePlan
{
    /**
     * @param list<TableLine> $lines
     */
    public function __construct(public array $lines)
    {
    }
}
