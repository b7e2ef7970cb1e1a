<?php

declare(strict_types=1);

namespace Inlaid\Core\Purchase;

use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\WearsOut;
use Inlaid\Core\Work\StepCalculation;

/**
 * Counts what is used up besides material: abrasive by its grit, rags, pads, cloths, tape and sheet.
 */
final class CountConsumables
{
    /**
     * Enough for the last round there may be.
     *
     * @param list<StepCalculation> $works
     *
     * @return list<Consumable> in order of first use; tape and sheet at the end
     */
    public function count(array $works): array
    {
        $shares = [];
        $tape = $sheet = $papers = 0.0;
        foreach ($works as $work) {
            $wears = $work->step->profile->wears;
            if (null !== $wears) {
                $name = $this->name($wears, $work->step);
                $shares[$name] = ($shares[$name] ?? 0.0) + $work->area * $work->rounds(Scenario::Most) / $wears->lasts;
            }
            $tape += ($work->masking->tape ?? 0.0) + ($work->layout->tape ?? 0.0);
            $sheet += $work->masking->sheet ?? 0.0;
            $papers += ($work->layout->sheets->sheets ?? 0) * $work->rounds(Scenario::Most);
        }
        $counted = array_map(
            static fn (string $name, float $share): Consumable => new Consumable($name, (int) max(1, ceil($share - 1e-9))),
            array_keys($shares),
            array_values($shares),
        );

        return [
            ...$counted,
            ...self::some('sheet of paper or leaf', $papers, null),
            ...self::some('masking tape', $tape, 'm'),
            ...self::some('masking sheet', $sheet, 'm²'),
        ];
    }

    /**
     * @return list<Consumable> none where there is nothing of it
     */
    private static function some(string $name, float $amount, ?string $unit): array
    {
        return $amount > 0.0 ? [new Consumable($name, (int) ceil($amount), $unit)] : [];
    }

    private function name(WearsOut $wears, Step $step): string
    {
        [$grit, $tool] = [$step->detail->grit, $step->tool()];

        return match (true) {
            Tool::SteelWool === $tool => 'pad of steel wool',
            $wears->isAbrasive && Tool::NylonPad === $tool => 'nylon pad, fine',
            $wears->isAbrasive && null !== $grit => $wears->name.", grit $grit",
            default => $wears->name,
        };
    }
}
