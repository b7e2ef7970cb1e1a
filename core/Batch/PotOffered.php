<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

use Inlaid\Core\Context\Context;
use Inlaid\Core\Measure\Amount;

/**
 * A pot on the shelf with just what a step is laid with: how much is in it, and how much of that the step would take.
 *
 * Immutable.
 */
final readonly class PotOffered
{
    public function __construct(public string $id, public string $name, public Amount $holds, public Amount $takes)
    {
    }

    public static function of(PotTaken $taken, Context $context): self
    {
        return new self(
            id: $taken->pot->id,
            name: $taken->pot->name,
            holds: Amount::of($taken->holds, $context->units),
            takes: Amount::of($taken->takes, $context->units),
        );
    }
}
