<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

/**
 * The stripes that a pot could make on a black-and-white card, and which it most likely made.
 *
 * Immutable. `rungs` from the thickest; `wanted` the ratio of the mix as it is written; `best` which of them, null where nothing was seen;
 * `sure` how likely it is that one or one of its neighbours.
 */
final readonly class StripeCard
{
    /**
     * @param non-empty-list<StripeRung> $rungs
     */
    public function __construct(public array $rungs, public string $wanted, public ?int $best, public ?float $sure, public string $inWords)
    {
    }
}
