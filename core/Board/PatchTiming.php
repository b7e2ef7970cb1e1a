<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

/**
 * How long one patch takes: to lay it, how long it is left, and to wipe it. In seconds.
 *
 * Immutable. `dwell` is kept to the second: it is what the patch is to show.
 */
final readonly class PatchTiming
{
    private function __construct(public int $lay, public int $dwell, public int $wipe)
    {
    }

    /**
     * @throws InvalidBoard if a time is less than nothing, or there is nothing to do
     */
    public static function of(int $lay, int $dwell, int $wipe): self
    {
        return $lay < 1 || $dwell < 0 || $wipe < 0 ? throw InvalidBoard::badTiming() : new self($lay, $dwell, $wipe);
    }

    /** From the first stroke to the last. */
    public function whole(): int
    {
        return $this->lay + $this->dwell + $this->wipe;
    }
}
