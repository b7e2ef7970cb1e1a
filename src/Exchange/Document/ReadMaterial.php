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
            $n->id('id'),
            $n->int('version'),
            $n->string('name', 120),
            $n->enum('kind', MaterialKind::class),
            $n->bool('typical'),
            $body,
            $handling,
            $look,
            $n->enumOrNull('sheen', Sheen::class),
            $n->enum('ambering', Ambering::class),
            $n->bool('outdoors'),
            $n->list('packs', $this->pack(...), 20),
            $hazards,
            $cautions,
            $n->has('blocks') ? $n->list('blocks', static fn (Node $b): Bleed => $b->asEnum(Bleed::class), 10) : [],
            $n->has('grips') && $n->bool('grips'),
            $n->enumOrNull('residue', Residue::class),
        ));
    }

    private function body(Node $n): Body
    {
        $n->fields('carrier', 'density', 'scooped', 'solids', 'build', 'spread', 'largestThinning', 'slake');

        return $n->make(static fn (): Body => Body::of(
            $n->enum('carrier', Carrier::class),
            $n->exact('density'),
            $n->has('scooped') ? $n->exact('scooped') : null,
            $n->float('solids'),
            $n->float('build'),
            $n->floatOrNull('spread'),
            $n->floatOrNull('largestThinning'),
            $n->intOrNull('slake'),
        ));
    }

    private function handling(Node $n): Handling
    {
        $n->fields('dries', 'times', 'openTime', 'potLife', 'rewets', 'lowestTemperature');
        $times = $n->childOrNull('times');

        return $n->make(fn (): Handling => Handling::of(
            $n->enum('dries', Dries::class),
            null === $times ? null : $this->times($times),
            $n->intOrNull('openTime'),
            $n->intOrNull('potLife'),
            $n->bool('rewets'),
            $n->float('lowestTemperature'),
        ));
    }

    private function times(Node $n): StatedTimes
    {
        $n->fields('touch', 'recoat', 'recoatMost', 'through', 'cure');

        return $n->make(static fn (): StatedTimes => StatedTimes::of(
            $n->int('touch'),
            $n->int('recoat'),
            $n->intOrNull('recoatMost'),
            $n->int('through'),
            $n->int('cure'),
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
            $n->enum('kind', LookKind::class),
            $colour($n, 'colour'),
            $n->floatOrNull('hiding'),
            $colour($n, 'tint'),
            $colour($n, 'onWood'),
            null === $learned
                ? null
                : $learned->make(static fn (): Learned => Learned::of(
                    $colour($learned, 'colour') ?? throw InvalidColour::notOne(''),
                    $learned->float('power'),
                    $learned->int('patches'),
                    $learned->bool('use'),
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
