<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\Core\Run\Observed;

/**
 * Something that was noted of a job.
 *
 * Immutable.
 */
final readonly class LoggedPoint
{
    public function __construct(public string $run, public string $title, public Observed $observed)
    {
    }
}
