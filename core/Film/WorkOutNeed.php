<?php

declare(strict_types=1);

namespace Inlaid\Core\Film;

use Inlaid\Core\Technique\TechniqueProfile;

/**
 * Works out how much a step takes, coat by coat.
 *
 * A film of 1 µm over 1 m² is 1 ml, so laid = area × cover × wet film × absorption; only the first coat on bare porous
 * ground drinks. Loss is of what is taken: taken = laid ÷ (1 − loss), and each coat the tool keeps its hold-up.
 */
final class WorkOutNeed
{
    /**
     * @param list<array{float, float}> $surfaces area in m² and absorption of the first coat, for each part
     * @param float                     $wet      wet film as laid, in µm
     *
     * @return list<CoatNeed> one for each coat
     */
    public function need(array $surfaces, float $wet, int $coats, TechniqueProfile $technique): array
    {
        $area = array_sum(array_column($surfaces, 0));
        $drinking = array_sum(array_map(static fn (array $s): float => $s[0] * $s[1], $surfaces));
        $coat = static function (float $drinks) use ($area, $wet, $technique): CoatNeed {
            $laid = $drinks * $technique->cover * $wet;

            return new CoatNeed($area, $laid, $laid / (1 - $technique->loss) + $technique->holdUp);
        };

        return $coats < 1 ? [] : [$coat($drinking), ...($coats > 1 ? array_fill(0, $coats - 1, $coat($area)) : [])];
    }
}
