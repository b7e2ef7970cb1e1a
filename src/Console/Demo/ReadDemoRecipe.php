<?php

declare(strict_types=1);

namespace Inlaid\App\Console\Demo;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Document\RecipeDocument;
use Inlaid\App\Exchange\Document\UpcastRecipe;
use Inlaid\App\Exchange\Document\WriteMaterial;
use Inlaid\App\Exchange\Json;
use Inlaid\Core\Material\Material;
use Symfony\Component\Yaml\Yaml;

/**
 * Reads a demo recipe: a recipe document in YAML without the copies of its materials, and its revisions, each with a
 * reason; an earlier revision says what was different then.
 *
 * @phpstan-type Doc array{steps: list<array<string, mixed>>, mixes: list<array<string, mixed>>, ...}
 */
final readonly class ReadDemoRecipe
{
    public function __construct(private ReadRecipe $read, private WriteMaterial $write)
    {
    }

    /**
     * @param array<string, Material> $materials by id
     *
     * @return list<array{RecipeDocument, string}> the document of each revision and its reason
     */
    public function read(string $file, array $materials): array
    {
        /**
         * @var array{
         *     revisions: list<array{
         *         reason: string,
         *         without?: list<string>,
         *         steps?: array<string, array<string, mixed>>,
         *         mixes?: array<string, array<string, mixed>>,
         *     }>,
         *     ...,
         * } $demo
         */
        $demo = Yaml::parseFile($file);
        $revisions = $demo['revisions'];
        unset($demo['revisions']);

        return array_map(function (array $revision) use ($demo, $materials, $file): array {
            /** @var Doc $doc */
            $doc = $demo + ['mixes' => []];
            $doc['steps'] = array_values(array_filter(
                $doc['steps'],
                static fn (array $s): bool => !\in_array($s['id'], $revision['without'] ?? [], true),
            ));
            $doc['steps'] = self::patched($doc['steps'], $revision['steps'] ?? []);
            $doc['mixes'] = self::patched($doc['mixes'], $revision['mixes'] ?? []);
            $doc = [
                'format' => UpcastRecipe::FORMAT,
                'version' => UpcastRecipe::VERSION,
            ] + $doc + ['materials' => $this->copies($doc, $materials)];

            return [$this->read->document(Json::decode(Json::encode($doc)), '/'.basename($file)), $revision['reason']];
        }, $revisions);
    }

    /**
     * @param list<array<string, mixed>>          $items
     * @param array<string, array<string, mixed>> $patches by id
     *
     * @return list<array<string, mixed>>
     */
    private static function patched(array $items, array $patches): array
    {
        return array_map(static fn (array $item): array => ($patches[\is_string($item['id']) ? $item['id'] : ''] ?? []) + $item, $items);
    }

    /**
     * @param array<mixed>            $doc
     * @param array<string, Material> $materials
     *
     * @return list<array<string, mixed>>
     */
    private function copies(array $doc, array $materials): array
    {
        $used = [];
        array_walk_recursive($doc, static function (mixed $value, int|string $key) use (&$used): void {
            if ('material' === $key && \is_string($value)) {
                $used[$value] = true;
            }
        });

        return array_values(array_map($this->write->write(...), array_intersect_key($materials, $used)));
    }
}
