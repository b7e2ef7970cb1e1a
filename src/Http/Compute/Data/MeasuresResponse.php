<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\Core\Batch\BatchPreview;

/**
 * The smallest batch in whole measures; null where the measures cannot make it.
 */
final readonly class MeasuresResponse
{
    public function __construct(public ?BatchPreview $batch)
    {
    }
}
