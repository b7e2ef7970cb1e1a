<?php

declare(strict_types=1);

namespace Inlaid\Core\Film;

/**
 * Where a jar runs out: in which coat, and after how many m² of it.
 *
 * Immutable.
 */
final readonly class JarRunsOut
{
    private function __construct(public int $coat, public float $area)
    {
    }

    /**
     * @param float                     $jar   ml in the jar
     * @param list<array{float, float}> $coats ml taken from the jar and m² covered, coat after coat
     *
     * @return self|null null where the jar is enough
     */
    public static function where(float $jar, array $coats): ?self
    {
        $left = $jar;
        foreach ($coats as $i => [$taken, $area]) {
            if ($taken > $left + 1e-9) {
                return new self($i + 1, $area * $left / $taken);
            }
            $left -= $taken;
        }

        return null;
    }
}
