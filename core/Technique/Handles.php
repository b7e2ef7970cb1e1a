<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * What only handles parts leaves nothing on them.
 */
trait Handles
{
    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even();
    }
}
