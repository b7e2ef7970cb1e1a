<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

use Inlaid\Core\Work\StepCalculation;

/**
 * A piece to be done, with its steps worked out and how long each dries where it stands.
 *
 * Immutable. `stuck` why it is not planned to its end, null where it is: then only the steps up to the one that never dries there, or
 * before the one that can't be laid there, are planned.
 */
final readonly class CalculatedPiece
{
    /**
     * @param list<StepCalculation>    $steps
     * @param array<string, StepWaits> $waits by step
     */
    private function __construct(public PieceToDo $piece, public array $steps, public array $waits, public ?string $stuck)
    {
    }

    /**
     * @param list<StepCalculation> $steps
     */
    public static function of(PieceToDo $piece, array $steps, \DateTimeZone $zone): self
    {
        $waits = [];
        foreach ($steps as $step) {
            $waits[$step->step->id] = StepWaits::of($step, $piece->air, $zone);
        }

        return new self(piece: $piece, steps: $steps, waits: $waits, stuck: null);
    }

    /** The same up to the first step that never dries where it stands. */
    public function upToWhatNeverDries(): self
    {
        foreach ($this->steps as $i => $work) {
            $waits = $this->waits[$work->step->id];
            if (!$waits->canBeLaid() || !$waits->everDries()) {
                return new self(
                    piece: $this->piece,
                    steps: \array_slice($this->steps, 0, $waits->canBeLaid() ? $i + 1 : $i),
                    waits: $this->waits,
                    stuck: \sprintf(
                        'Step %d: %s',
                        $work->counted,
                        $work->drying->stop ?? $work->drying->noPromise ?? 'It never dries where the piece stands.',
                    ),
                );
            }
        }

        return $this;
    }

    /** The same, not begun before an instant. */
    public function notBefore(int $instant): self
    {
        return new self(piece: $this->piece->notBefore($instant), steps: $this->steps, waits: $this->waits, stuck: $this->stuck);
    }

    /** Is it open how often something is done? */
    public function isOpen(): bool
    {
        return [] !== array_filter($this->steps, static fn (StepCalculation $w): bool => $w->isOpen());
    }

    /**
     * @return array<string, StepCalculation>
     */
    public function byStep(): array
    {
        return array_column(array_map(static fn (StepCalculation $w): array => [$w->step->id, $w], $this->steps), 1, 0);
    }
}
