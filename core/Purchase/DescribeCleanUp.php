<?php

declare(strict_types=1);

namespace Inlaid\Core\Purchase;

use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Hazard;
use Inlaid\Core\Work\StepCalculation;

/**
 * Works out what tools are cleaned with after each step: with what takes off its residue, else with what it is carried in.
 */
final class DescribeCleanUp
{
    /**
     * @param list<StepCalculation> $works
     */
    public function describe(array $works): CleanUpPreview
    {
        $steps = $heating = $burning = [];
        foreach ($works as $work) {
            foreach ($this->cleaners($work) as $with) {
                $steps[$with][$work->counted] = $work->counted;
            }
            if ($work->has(Hazard::SelfHeatingRags)) {
                $heating[$work->counted] = $work->counted;
            } elseif ($work->has(Hazard::Flammable)) {
                $burning[$work->counted] = $work->counted;
            }
        }

        return new CleanUpPreview(
            array_map(
                static fn (string $with, array $numbers): CleanUpLine => new CleanUpLine($with, array_values($numbers)),
                array_keys($steps),
                array_values($steps),
            ),
            array_values($heating),
            array_values($burning),
        );
    }

    /**
     * @return list<string>
     */
    private function cleaners(StepCalculation $work): array
    {
        $with = [];
        foreach ($work->mix->leaves ?? [] as $leaf) {
            $with[] = $leaf->material->residue?->inWords() ?? match ($leaf->material->body->carrier) {
                Carrier::Water, Carrier::Dry => 'water and soap',
                Carrier::Alcohol => 'alcohol',
                Carrier::Oil, Carrier::Solvent => 'mineral spirit, then soap',
            };
        }

        return array_values(array_unique($with));
    }
}
