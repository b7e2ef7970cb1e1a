<?php

declare(strict_types=1);

namespace Inlaid\Core\Work;

use Inlaid\Core\Layout\LayoutKind;
use Inlaid\Core\Layout\SheetsCut;

/**
 * How a step is laid out on all its faces.
 *
 * Immutable. `tape` m for all of them; `covers` the share of them that is painted or pasted; `sheets` where it is done in sheets.
 */
final readonly class LayoutPreview
{
    /**
     * @param list<FaceLaidOut> $faces
     */
    public function __construct(
        public LayoutKind $kind,
        public string $inWords,
        public array $faces,
        public float $tape,
        public ?float $covers,
        public ?SheetsCut $sheets,
    ) {
    }
}
