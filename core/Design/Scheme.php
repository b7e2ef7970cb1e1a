<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Work\StepCalculation;

/**
 * A whole recipe with what may be varied in it.
 *
 * Immutable. `works` the steps that touch the part, in order; `slots` by the place of their step among these.
 */
final readonly class Scheme
{
    /**
     * @param list<StepCalculation> $works
     * @param array<int, Slot>      $slots
     */
    public function __construct(public string $key, public PiecePart $part, public array $works, public array $slots)
    {
    }

    /**
     * @return array<int, Choice> by slot
     */
    public function usual(): array
    {
        return array_map(static fn (Slot $s): Choice => $s->usual(), $this->slots);
    }
}
