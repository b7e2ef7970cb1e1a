<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

/**
 * Counts what is used up besides material: abrasive by its grit, rags, pads, cloths.
 *
 * How far one goes is typical of general practice; a clogged sheet or a dirty rag goes less far.
 */
final class CountConsumables
{
    /** By technique: what it uses up, and for how many m² of one coat or pass one of them lasts. */
    private const LASTS = [
        'sanded' => ['abrasive sheet', 0.5],
        'scuff-sanded' => ['abrasive sheet', 1.5],
        'distressed-dry' => ['abrasive sheet', 2.0],
        'dusted' => ['tack cloth', 4.0],
        'cleaned' => ['rag', 1.5],
        'rinsed' => ['rag', 1.5],
        'stripped' => ['nylon pad, coarse', 0.8],
        'distressed-wet' => ['rag', 1.5],
        'stained-wiped' => ['rag', 0.8],
        'washed-wiped' => ['rag', 0.8],
        'glazed-wiped' => ['rag', 0.8],
        'oiled-wiped' => ['rag', 0.8],
        'limed' => ['rag', 0.6],
        'waxed' => ['rag', 0.8],
        'waxed-recesses' => ['rag', 0.8],
    ];

    /**
     * @param list<StepWork> $works
     *
     * @return list<Consumable> in order of first use
     */
    public function count(array $works): array
    {
        $shares = [];
        foreach ($works as $work) {
            [$what, $lasts] = self::LASTS[$work->step->technique->key()] ?? [null, 1.0];
            if (null !== $what) {
                $grit = 'abrasive sheet' === $what ? $work->step->detail->grit : null;
                $name = null === $grit ? $what : "$what, grit $grit";
                $shares[$name] = ($shares[$name] ?? 0.0) + $work->area * $work->rounds() / $lasts;
            }
        }

        return array_map(static fn (string $name, float $share): Consumable => new Consumable($name, (int) max(1, ceil($share - 1e-9))), array_keys($shares), array_values($shares));
    }
}
