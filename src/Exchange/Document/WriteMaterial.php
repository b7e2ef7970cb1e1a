<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Material\Hazard;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\Pack;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\ExactNumber;

/**
 * Writes a material as `docs/formats/material.schema.json` defines it; what is unknown is left out.
 */
final class WriteMaterial
{
    /**
     * @return array<string, mixed>
     */
    public function write(Material $m): array
    {
        $times = $m->handling->times;

        return self::known([
            'id' => $m->id,
            'version' => $m->version,
            'name' => $m->name,
            'kind' => $m->kind->value,
            'typical' => $m->typical,
            'body' => self::known([
                'carrier' => $m->body->carrier->value,
                'density' => ExactNumber::exact($m->body->density),
                'scooped' => null === $m->body->scooped ? null : ExactNumber::exact($m->body->scooped),
                'solids' => $m->body->solids,
                'build' => $m->body->build,
                'spread' => $m->body->spread,
                'largestThinning' => $m->body->largestThinning,
                'slake' => $m->body->slake,
            ]),
            'handling' => self::known([
                'dries' => $m->handling->dries->value,
                'times' => null === $times
                    ? null
                    : self::known([
                        'touch' => $times->touch,
                        'recoat' => $times->recoat,
                        'recoatMost' => $times->recoatMost,
                        'through' => $times->through,
                        'cure' => $times->cure,
                    ]),
                'openTime' => $m->handling->openTime,
                'potLife' => $m->handling->potLife,
                'rewets' => $m->handling->rewets,
                'lowestTemperature' => $m->handling->lowestTemperature,
            ]),
            'look' => self::known([
                'kind' => $m->look->kind->value,
                'colour' => $m->look->colour?->hex,
                'hiding' => $m->look->hiding,
                'tint' => $m->look->tint?->hex,
                'onWood' => $m->look->onWood?->hex,
                'learned' => null === $m->look->learned
                    ? null
                    : [
                        'colour' => $m->look->learned->colour->hex,
                        'power' => $m->look->learned->power,
                        'patches' => $m->look->learned->patches,
                        'use' => $m->look->learned->use,
                    ],
            ]),
            'sheen' => $m->sheen?->value,
            'ambering' => $m->ambering->value,
            'outdoors' => $m->outdoors,
            'packs' => array_map(static fn (Pack $p): array => [
                'size' => ExactNumber::exact($p->size->amount),
                'unit' => Dimension::Mass === $p->size->dimension ? 'g' : 'ml',
                'price' => $p->price,
            ], $m->packs),
            'hazards' => array_map(static fn (Hazard $h): string => $h->value, $m->hazards),
            'cautions' => $m->cautions,
            'blocks' => [] === $m->blocks ? null : array_map(static fn (Bleed $b): string => $b->value, $m->blocks),
            'grips' => $m->grips ? true : null,
            'residue' => $m->residue?->value,
        ]);
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return array<string, mixed>
     */
    private static function known(array $fields): array
    {
        return array_filter($fields, static fn (mixed $value): bool => null !== $value);
    }
}
