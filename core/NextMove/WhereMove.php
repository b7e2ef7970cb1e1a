<?php

declare(strict_types=1);

namespace Inlaid\Core\NextMove;

use Inlaid\Core\Look\LookTarget;
use Inlaid\Core\Look\ZoneColour;

/**
 * One next move, or two: how the face looks after it, what it buries, and how long hands are busy with it.
 *
 * Immutable. `buries` names of steps whose effect is lost by it;
 * `softens` how it evens out what is lively, in words, null where it does not; `handsOn` in minutes.
 */
final readonly class WhereMove
{
    /**
     * @param list<WhereStep>  $steps
     * @param list<LookTarget> $off
     * @param list<ZoneColour> $zones
     * @param list<string>     $buries
     */
    public function __construct(
        public array $steps,
        public array $off,
        public array $zones,
        public array $buries,
        public ?string $softens,
        public int $handsOn,
    ) {
    }
}
