<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * What the first coat meets: bare material that drinks, or an old finish in some state.
 *
 * Immutable.
 */
final readonly class OldFinish
{
    public function __construct(public FinishKind $kind = FinishKind::Bare, public FinishState $state = FinishState::Sound)
    {
    }

    public function isBare(): bool
    {
        return FinishKind::Bare === $this->kind;
    }

    public function inWords(): string
    {
        return $this->isBare() || FinishState::Sound === $this->state
            ? $this->kind->inWords()
            : $this->kind->inWords().', '.$this->state->value;
    }
}
