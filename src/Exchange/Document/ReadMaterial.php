<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\InvalidColour;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Material\Ambering;
use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Material\Body;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Dries;
use Inlaid\Core\Material\Handling;
use Inlaid\Core\Material\Hazard;
use Inlaid\Core\Material\Learned;
use Inlaid\Core\Material\Look;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Material\Pack;
use Inlaid\Core\Material\Residue;
use Inlaid\Core\Material\StatedTimes;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\Quantity;

/**
 * Reads a material, as `docs/formats/material.schema.json` defines it.
 */
final class ReadMaterial
{
    public function read(Node $n): Material
    {
        $n->fields(
            'id',
            'version',
            'name',
            'kind',
            'typical',
            'body',
            'handling',
            'look',
            'sheen',
            'ambering',
            'outdoors',
            'packs',
            'hazards',
            'cautions',
            'blocks',
            'grips',
            'residue',
        );
        $body = $this->body($n->child('body'));
        $handling = $this->handling($n->child('handling'));
        $look = $this->look($n->child('look'));
        $hazards = $n->list('hazards', static fn (Node $h): Hazard => $h->asEnum(Hazard::class), 20);
        $cautions = $n->list('cautions', static fn (Node $c): string => $c->asString(), 20);

        return $n->make(fn (): Material => Material::of(
            id: $n->id('id'),
            version: $n->int('version'),
            name: $n->string('name', 120),
            kind: $n->enum('kind', MaterialKind::class),
            typical: $n->bool('typical'),
            body: $body,
            handling: $handling,
            look: $look,
            sheen: $n->enumOrNull('sheen', Sheen::class),
            ambering: $n->enum('ambering', Ambering::class),
            outdoors: $n->bool('outdoors'),
            packs: $n->list('packs', $this->pack(...), 20),
            hazards: $hazards,
            cautions: $cautions,
            blocks: $n->has('blocks') ? $n->list('blocks', static fn (Node $b): Bleed => $b->asEnum(Bleed::class), 10) : [],
            grips: $n->has('grips') && $n->bool('grips'),
            residue: $n->enumOrNull('residue', Residue::class),
        ));
    }

    private function body(Node $n): Body
    {
        $n->fields('carrier', 'density', 'scooped', 'solids', 'build', 'spread', 'largestThinning', 'slake');

        return $n->make(static fn (): Body => Body::of(
            carrier: $n->enum('carrier', Carrier::class),
            density: $n->exact('density'),
            scooped: $n->has('scooped') ? $n->exact('scooped') : null,
            solids: $n->float('solids'),
            build: $n->float('build'),
            spread: $n->floatOrNull('spread'),
            largestThinning: $n->floatOrNull('largestThinning'),
            slake: $n->intOrNull('slake'),
        ));
    }

    private function handling(Node $n): Handling
    {
        $n->fields('dries', 'times', 'openTime', 'potLife', 'rewets', 'lowestTemperature');
        $times = $n->childOrNull('times');

        return $n->make(fn (): Handling => Handling::of(
            dries: $n->enum('dries', Dries::class),
            times: null === $times ? null : $this->times($times),
            openTime: $n->intOrNull('openTime'),
            potLife: $n->intOrNull('potLife'),
            rewets: $n->bool('rewets'),
            lowestTemperature: $n->float('lowestTemperature'),
        ));
    }

    private function times(Node $n): StatedTimes
    {
        $n->fields('touch', 'recoat', 'recoatMost', 'through', 'cure');

        return $n->make(static fn (): StatedTimes => StatedTimes::of(
            touch: $n->int('touch'),
            recoat: $n->int('recoat'),
            recoatMost: $n->intOrNull('recoatMost'),
            through: $n->int('through'),
            cure: $n->int('cure'),
        ));
    }

    private function look(Node $n): Look
    {
        $n->fields('kind', 'colour', 'hiding', 'tint', 'onWood', 'learned');
        $colour = static fn (Node $n, string $name): ?Colour => $n->has($name) ? $n->make(
            static fn (): Colour => Colour::of($n->string($name, 20)),
            $name,
        ) : null;
        $learned = $n->childOrNull('learned')?->fields('colour', 'power', 'patches', 'use');

        return $n->make(static fn (): Look => Look::of(
            kind: $n->enum('kind', LookKind::class),
            colour: $colour($n, 'colour'),
            hiding: $n->floatOrNull('hiding'),
            tint: $colour($n, 'tint'),
            onWood: $colour($n, 'onWood'),
            learned: null === $learned
                ? null
                : $learned->make(static fn (): Learned => Learned::of(
                    colour: $colour($learned, 'colour') ?? throw InvalidColour::notOne(''),
                    power: $learned->float('power'),
                    patches: $learned->int('patches'),
                    use: $learned->bool('use'),
                )),
        ));
    }

    private function pack(Node $n): Pack
    {
        $n->fields('size', 'unit', 'price');
        $unit = $n->string('unit');
        $dimension = ['ml' => Dimension::Volume, 'g' => Dimension::Mass][$unit] ?? $n->refuse('unit', 'Use ml or g');

        return $n->make(static fn (): Pack => Pack::of(Quantity::of($dimension, $n->exact('size')), $n->float('price')));
    }
}
