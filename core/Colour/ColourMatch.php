<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * The mix nearest a target, and others that are nearly as near, each of other paints.
 *
 * Immutable. `complete` whether every mix was looked at; else it is the best of those that were.
 */
final readonly class ColourMatch
{
    /**
     * @param list<MatchedMix> $others the nearest first
     */
    public function __construct(public ?MatchedMix $best, public array $others, public bool $complete)
    {
    }
}
