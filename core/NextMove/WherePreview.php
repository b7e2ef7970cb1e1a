<?php

declare(strict_types=1);

namespace Inlaid\Core\NextMove;

use Inlaid\Core\Look\LookTarget;

/**
 * Where a job stands against its target, and the moves that lead nearer.
 *
 * Immutable. `stop` whether every zone is within tolerance; `complete` whether every move was looked at.
 */
final readonly class WherePreview
{
    /**
     * @param list<LookTarget> $now
     * @param list<WhereMove>  $moves the nearest first
     */
    public function __construct(public bool $stop, public string $part, public array $now, public array $moves, public bool $complete)
    {
    }
}
