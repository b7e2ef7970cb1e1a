<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Catalogue\LoadMaterials;
use Inlaid\App\Exchange\Document\ReadMaterial;
use Inlaid\App\Exchange\Document\WriteMaterial;
use Inlaid\App\Exchange\Json;
use Inlaid\Core\Material\Material;

/**
 * Recipe documents from little, with materials of a studio's shelf.
 */
final readonly class GivenDocuments
{
    /** @var array<string, \stdClass> by id */
    private array $shelf;

    /**
     * @param array<string, \stdClass> $shelf
     */
    private function __construct(array $shelf)
    {
        $this->shelf = $shelf;
    }

    /** Of what a studio has. */
    public static function of(Studio $studio): self
    {
        return new self(array_column(
            array_map(
                static fn (\stdClass $m): array => [$m->material->id, $m->material],
                $studio->json('GET', '/api/materials')->materials,
            ),
            1,
            0,
        ));
    }

    /** Of the catalogue and what the demo adds to it, without a studio. */
    public static function ofCatalogue(): self
    {
        $root = \dirname(__DIR__, 2);
        $write = new WriteMaterial();

        return new self(array_map(
            static fn (Material $m): \stdClass => Json::object(Json::encode($write->write($m))),
            (new LoadMaterials($root, new ReadMaterial()))->with("$root/data/demo/shelf.yaml"),
        ));
    }

    public function material(string $id): \stdClass
    {
        return $this->shelf[$id];
    }

    /**
     * A recipe document from little: steps as [technique, material or parts of a mix, what else], and what the part is.
     *
     * @param array<mixed> $recipe
     */
    public function document(array $recipe): \stdClass
    {
        $steps = $mixes = $used = [];
        foreach ($recipe['steps'] as $i => $given) {
            [$technique, $uses, $more] = [...$given, null, []];
            $more = \is_array($more) ? $more : [];
            $wait = $more['wait'] ?? (null === $uses ? 'nothing' : 'recoat');
            $step = [
                'id' => "s$i",
                'technique' => $technique,
                'intent' => ['purpose' => $more['purpose'] ?? 'hide'] + array_intersect_key($more, ['shows' => 1]),
                'wait' => \is_string($wait) ? ['until' => $wait] : $wait,
            ] + array_diff_key($more, ['wait' => 1, 'purpose' => 1, 'shows' => 1]);
            if (\is_array($uses)) {
                $mixes[] = [
                    'id' => "x$i",
                    'name' => "Mix $i",
                    'basis' => 'volume',
                    'parts' => array_map(
                        static fn (string $share, string $id): array => ['share' => $share, 'of' => ['material' => $id]],
                        $uses,
                        array_keys($uses),
                    ),
                ];
                $used = [...$used, ...array_keys($uses)];
                $step['uses'] = ['mix' => "x$i"];
            } elseif (\is_string($uses)) {
                $used[] = $uses;
                $step['uses'] = ['material' => $uses];
            }
            $steps[] = $step;
        }
        $part = ($recipe['part'] ?? []) + ['id' => 'whole', 'name' => 'Panel', 'area' => 1.2];
        $part['substrate'] = ($part['substrate'] ?? []) + [
            'kind' => 'solid',
            'species' => 'lime',
            'grain' => 'close',
            'colour' => '#e5d3b3',
        ];
        $piece = [
            'name' => 'Board',
            'parts' => [$part, ['id' => 'other', 'name' => 'Frame'] + ($recipe['other'] ?? []) + $part],
        ] + array_intersect_key($recipe, ['use' => 1, 'count' => 1]);
        if (isset($recipe['joint'])) {
            $side = static fn (string $of): array => [
                'part' => $of,
                'face' => 'whole',
                'coated' => 'whole' === $of || !($recipe['bare'] ?? false),
            ];
            $piece['joints'] = [[
                'id' => 'j',
                'name' => 'Panel in its frame',
                'kind' => 'door',
                'moving' => $side('whole'),
                'fixed' => $side('other'),
                'clearance' => $recipe['joint'],
                'least' => 0.25,
            ]];
        }
        $used = [...$used, ...$recipe['cleanUp']['with'] ?? []];
        $document = Json::object(Json::encode(
            [
                'format' => 'inlaid-recipe',
                'version' => 4,
                'title' => 'Test',
                'piece' => $piece,
                'materials' => array_values(array_intersect_key($this->shelf, array_flip($used))),
                'mixes' => $mixes,
                'steps' => $steps,
            ] + array_intersect_key($recipe, ['schools' => 1, 'cleanUp' => 1, 'target' => 1]),
        ));

        return $document;
    }
}
