<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\Core\Run\SeenColour;

/**
 * A colour that was noted of a job.
 *
 * Immutable.
 */
final readonly class LoggedColour
{
    public function __construct(public string $run, public string $title, public SeenColour $colour)
    {
    }
}
