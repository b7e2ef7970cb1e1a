<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

use Inlaid\Core\Batch\Mixing;
use Inlaid\Core\Recipe\Step;

/**
 * The plan of a recipe by itself, with the instants of each step: begun, done, cured.
 *
 * Immutable. `mixings` of each step, in order; `chilled` the °C, below the least for it, that it falls to before a coat is dry, null
 * where it stays warm enough;
 * `warm` the hours in which alone it can be laid, in words, null for any. Instants as seconds since 1970 in UTC. @internal to the preview
 */
final readonly class PlannedAlone
{
    /**
     * @param array<string, array<int, int>> $starts  of the first coat of each step, by its id and by side where parts are turned
     * @param array<string, array<int, int>> $ends    of the last one
     * @param array<string, int>             $cured
     * @param array<string, list<Mixing>>    $mixings
     * @param array<string, float|null>      $chilled
     * @param array<string, string|null>     $warm
     */
    public function __construct(
        private array $starts,
        private array $ends,
        public array $cured,
        public array $mixings,
        public array $chilled,
        public array $warm,
        public PlanPreview $plan,
    ) {
    }

    public function start(string $step): ?int
    {
        return isset($this->starts[$step]) ? min(\PHP_INT_MAX, ...$this->starts[$step]) : null;
    }

    public function end(string $step): ?int
    {
        return isset($this->ends[$step]) ? max(0, ...$this->ends[$step]) : null;
    }

    /**
     * Minutes from the end of one step's last coat to the start of another's first, on that side where it is shortest; null where not
     * planned.
     */
    public function between(string $one, string $other): ?int
    {
        $between = [];
        [$one, $other] = [Step::documentId($one), Step::documentId($other)];
        foreach ($this->starts[$other] ?? [] as $side => $start) {
            $end = $this->ends[$one][$side] ?? $this->end($one);
            if (null !== $end) {
                $between[] = intdiv($start - $end, 60);
            }
        }

        return [] === $between ? null : min($between);
    }
}
