<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadMaterial;
use Inlaid\App\Exchange\Document\ReadMixes;
use Inlaid\App\Exchange\RawJson;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Mixture;

/**
 * A material or a mix to be worked with, with all the materials and mixes it is made of.
 */
final readonly class MixRequest
{
    /**
     * @param list<RawJson> $materials schema material
     * @param list<RawJson> $mixes     schema mix
     * @param RawJson       $of        schema named
     */
    public function __construct(public array $materials, public array $mixes, public RawJson $of)
    {
    }

    public static function read(Node $n): Material|Mixture
    {
        $materials = [];
        foreach ($n->list('materials', (new ReadMaterial())->read(...)) as $material) {
            $materials[$material->id] = $material;
        }
        $reader = new ReadMixes();
        $mixes = $reader->read($n, $materials);

        return $reader->named($n->child('of'), $materials, static fn (string $id): ?Mixture => $mixes[$id] ?? null);
    }
}
