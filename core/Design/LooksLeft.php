<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

/**
 * How many looks a search may still work out. Every machine has as many; the clock only stops one that is too slow.
 */
final class LooksLeft
{
    /**
     * @param \Closure(): bool $isOver
     */
    public function __construct(public int $left, private readonly \Closure $isOver)
    {
    }

    public function take(): void
    {
        --$this->left;
    }

    public function isDone(): bool
    {
        return $this->left <= 0 || ($this->isOver)();
    }
}
