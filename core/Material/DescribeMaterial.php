<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

use Inlaid\Core\Measure\Duration;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\PrintQuantity;

/**
 * Puts what is known of a material into words, fact by fact.
 */
final class DescribeMaterial
{
    /**
     * @return array<string, string> only what is stated
     */
    public function facts(Material $m): array
    {
        $plain = static fn (float $value): string => ExactNumber::plain($value);
        $minutes = static fn (?int $value): ?string => null === $value ? null : Duration::inWords($value);
        [$body, $handling, $look, $times] = [$m->body, $m->handling, $m->look, $m->handling->times];

        return array_filter([
            'the name' => '“'.$m->name.'”',
            'the kind' => $m->kind->value,
            'the carrier' => $body->carrier->value,
            'the density' => ExactNumber::decimal($body->density, 3).' g/ml',
            'the scooped density' => null === $body->scooped ? null : ExactNumber::decimal($body->scooped, 3).' g/ml',
            'slaking' => $minutes($body->slake),
            'the solids by volume' => $plain($body->solids * 100).' % of the volume',
            'the film build' => $plain($body->build * 100).' % of the solids',
            'the spread rate' => null === $body->spread ? null : $plain($body->spread).' m²/L',
            'the maximum thinning' => null === $body->largestThinning ? null : $plain($body->largestThinning).' to 1',
            'how it dries' => str_replace('-', ' ', $handling->dries->value),
            'touch-dry' => $minutes($times?->touch),
            'the earliest recoat' => $minutes($times?->recoat),
            'the end of the recoat window' => $minutes($times?->recoatMost),
            'through-dry' => $minutes($times?->through),
            'the cure' => $minutes($times?->cure),
            'the open time' => $minutes($handling->openTime),
            'the pot life' => $minutes($handling->potLife),
            're-wetting' => $handling->rewets ? 'yes' : 'no',
            'the minimum temperature' => $plain($handling->lowestTemperature).' °C',
            'the appearance' => $look->kind->value,
            'the colour' => $look->colour?->hex,
            'the hiding power' => null === $look->hiding ? null : $plain($look->hiding * 100).' %',
            'the tint in 9 parts white' => $look->tint?->hex,
            'the look on pale wood' => $look->onWood?->hex,
            'the values measured on boards' => null === $look->learned
                ? null
                : \sprintf(
                    '%s, strength %s %% of the label, from %d patches%s',
                    $look->learned->colour->hex,
                    $plain(100 * $look->learned->power),
                    $look->learned->patches,
                    $look->learned->use ? '' : ', not used',
                ),
            'the sheen' => $m->sheen?->value,
            'ambering' => $m->ambering->value,
            'the place' => $m->outdoors ? 'indoors and outdoors' : 'indoors only',
            'what it blocks' => [] === $m->blocks
                ? null
                : implode(', ', array_map(static fn (Bleed $b): string => mb_strtolower($b->inWords()), $m->blocks)),
            'gloss' => $m->grips ? 'adheres to it' : null,
            'what removes it' => $m->residue?->inWords(),
            'the packs' => $this->packs($m),
            'the cautions' => [] === $m->cautions ? null : '“'.implode(' ', $m->cautions).'”',
        ], static fn (?string $fact): bool => null !== $fact);
    }

    private function packs(Material $m): ?string
    {
        $print = new PrintQuantity();

        return [] === $m->packs
            ? null
            : implode(
                ', ',
                array_map(static fn (Pack $p): string => \sprintf('%s at %.2F', $print->inWords($p->size), $p->price), $m->packs),
            );
    }
}
