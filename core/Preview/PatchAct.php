<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Board\Patch;

/**
 * One coat, or one go, of a step on one patch. @internal to the preview of boards.
 *
 * Immutable.
 */
final readonly class PatchAct
{
    public function __construct(public Patch $patch, public StepWork $work, public int $coat)
    {
    }

    public function key(): string
    {
        return $this->work->step->id.'#'.$this->coat;
    }

    public function isLast(): bool
    {
        return $this->coat === $this->work->rounds();
    }

    /** ml that go on it and onto the rag. */
    public function taken(): float
    {
        $need = $this->work->needs()[$this->coat - 1] ?? null;

        return null === $need ? 0.0 : $need->laid / (1 - $this->work->step->technique->figures()->loss);
    }
}
