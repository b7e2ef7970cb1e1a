<?php

declare(strict_types=1);

namespace Inlaid\Core\Eye;

/**
 * Throws that a seed always gives, in order.
 */
final class Dice
{
    private int $thrown = 0;

    public function __construct(private readonly string $seed)
    {
    }

    /** From 0 up to below a number. */
    public function below(int $number): int
    {
        return hexdec(substr(hash('xxh64', $this->seed.'|'.++$this->thrown), 0, 12)) % max(1, $number);
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    public function pick(array $of): mixed
    {
        return $of[$this->below(\count($of))];
    }
}
