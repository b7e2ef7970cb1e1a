<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs\Data;

use Inlaid\Core\Technique\Zone;

/**
 * Words, or a colour that was seen in a zone, at a step.
 */
final readonly class RunNote
{
    public function __construct(
        public string $id,
        public string $at,
        public string $step,
        public ?string $text,
        public ?string $colour,
        public Zone $zone,
    ) {
    }
}
