<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

use Inlaid\Core\Board\Patch;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Work\StepCalculation;

/**
 * One coat, or one go, of a step on one patch. @internal to the preview of boards.
 *
 * Immutable.
 */
final readonly class PatchAct
{
    public function __construct(public Patch $patch, public StepCalculation $work, public int $coat)
    {
    }

    public function key(): string
    {
        return $this->work->step->id.'#'.$this->coat;
    }

    public function waitsUntil(): WaitUntil
    {
        return $this->coat === $this->work->rounds() ? $this->work->step->wait->until : WaitUntil::Recoat;
    }

    /** Minutes, or null where the air allows no promise. */
    public function leastWait(): ?int
    {
        return $this->work->leastWait($this->waitsUntil());
    }

    /** ml that go on it and onto the rag. */
    public function taken(): float
    {
        $need = $this->work->needs()[$this->coat - 1] ?? null;

        return null === $need ? 0.0 : $need->laid / (1 - $this->work->step->profile->loss);
    }
}
