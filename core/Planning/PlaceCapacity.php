<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * Places where only so many pieces can stand at once. A piece stands there from its first work that needs room until it is ready.
 *
 * Immutable.
 */
final readonly class PlaceCapacity
{
    /**
     * @param array<string, int>    $most     pieces, by place; any number where it is not named
     * @param array<string, string> $standing the place of each piece that stands there already, by job
     * @param array<string, int>    $works    how many works there are of each job
     */
    private function __construct(public array $most = [], public array $standing = [], private array $works = [])
    {
    }

    public static function none(): self
    {
        return new self();
    }

    /**
     * @param array<string, int>    $most
     * @param array<string, string> $standing
     */
    public static function of(array $most, array $standing = []): self
    {
        return new self($most, $standing);
    }

    /**
     * The same for these works.
     *
     * @param iterable<Work> $works
     */
    public function for(iterable $works): self
    {
        $of = [];
        foreach ($works as $work) {
            $of[$work->job] = ($of[$work->job] ?? 0) + 1;
        }

        return new self($this->most, array_intersect_key($this->standing, $of), $of);
    }

    public function areLimited(): bool
    {
        return [] !== $this->most;
    }

    /**
     * From when there is room for one more.
     *
     * @param array<string, string> $entered place by job, of those that have come in
     * @param array<string, int>    $placed  how many works of each job are laid
     * @param array<string, int>    $over    when what is laid of each job is over
     *
     * @return int|null an instant, 0 for at once; null while as many stand there as can, and nobody knows until when
     */
    public function from(string $place, array $entered, array $placed, array $over): ?int
    {
        $leaves = [];
        $left = $this->most[$place] ?? \PHP_INT_MAX;
        foreach ($entered as $job => $where) {
            if ($where === $place) {
                ($placed[$job] ?? 0) < ($this->works[$job] ?? 0) ? --$left : $leaves[] = $over[$job] ?? 0;
            }
        }
        if ($left < 1) {
            return null;
        }
        rsort($leaves);

        return $leaves[$left - 1] ?? 0;
    }
}
