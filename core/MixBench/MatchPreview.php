<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

/**
 * What a shelf can come to of a target colour. `without` those that were not looked at: flake, stains, powders, those without a colour, and
 * those in oil where more
 * are in water.
 *
 * Immutable. `complete` whether every mix was looked at.
 */
final readonly class MatchPreview
{
    /**
     * @param list<MatchFound> $others  the nearest first
     * @param list<string>     $without
     */
    public function __construct(public ?MatchFound $best, public array $others, public bool $complete, public array $without)
    {
    }
}
