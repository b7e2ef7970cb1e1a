<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Work\StepCalculation;

/**
 * What of the hands-on time of a recipe is not spent on a surface, in minutes over all coats.
 *
 * Immutable. `tools` to make them ready and clean them, `handling` to take up, turn and put down the parts, `acts` for steps that coat
 * nothing: taken apart, carried, drilled, put back.
 */
final readonly class HandsOnPreview
{
    private function __construct(public int $tools, public int $handling, public int $acts)
    {
    }

    /**
     * @param list<StepCalculation> $works
     */
    public static function of(array $works): self
    {
        $tools = $handling = 0.0;
        $acts = 0;
        foreach ($works as $work) {
            if (Effect::Handles === $work->step->profile->effect) {
                $acts += $work->minutes();
                continue;
            }
            $tools += $work->rounds() * $work->hands->setUp;
            $handling += $work->rounds() * $work->hands->handling;
        }

        return new self(tools: (int) round($tools), handling: (int) round($handling), acts: $acts);
    }
}
