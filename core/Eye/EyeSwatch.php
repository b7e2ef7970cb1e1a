<?php

declare(strict_types=1);

namespace Inlaid\Core\Eye;

/**
 * Something to be looked at.
 *
 * Immutable. With two `colours` they lie on the two `grounds` of a card, or, where it has no grounds, dappled over one another.
 */
final readonly class EyeSwatch
{
    /**
     * @param list<string> $colours
     * @param list<string> $grounds
     */
    public function __construct(public string $label, public array $colours, public array $grounds = [])
    {
    }
}
