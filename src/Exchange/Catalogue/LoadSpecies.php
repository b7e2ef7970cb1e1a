<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Catalogue;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Json;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Species;
use Symfony\Component\Yaml\Yaml;

/**
 * Loads the woods of `data/catalogue/species.yaml`.
 */
final readonly class LoadSpecies
{
    public function __construct(private string $projectDir)
    {
    }

    /**
     * @return list<Species> by name
     */
    public function load(): array
    {
        $json = Json::decode(Json::encode(['species' => (object) (array) Yaml::parseFile(
            $this->projectDir.'/data/catalogue/species.yaml',
        )]));

        return Node::read($json, static fn (Node $n): array => array_values($n->map('species', static fn (Node $s): Species => new Species(
            name: $s->fields('colour', 'grain', 'drinks', 'moves', 'bleeds')->name(),
            colour: $s->make(static fn (): Colour => Colour::of($s->string('colour')), 'colour'),
            grain: $s->enum('grain', Grain::class),
            drinks: $s->float('drinks'),
            moves: $s->float('moves'),
            bleeds: $s->has('bleeds') ? $s->list('bleeds', static fn (Node $b): Bleed => $b->asEnum(Bleed::class)) : [],
        ))));
    }
}
