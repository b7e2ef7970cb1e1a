<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings;

use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\WaitUntil;

/**
 * A step that a remedy puts in.
 *
 * Immutable. An empty list of parts means the whole piece.
 */
final readonly class NewStep
{
    /**
     * @param list<string> $parts
     */
    public function __construct(
        public string $title,
        public string $technique,
        public array $parts = [],
        public ?MaterialWanted $uses = null,
        public ?int $grit = null,
        public int $coats = 1,
        public WaitUntil $wait = WaitUntil::Nothing,
        public Purpose $purpose = Purpose::Functional,
    ) {
    }
}
