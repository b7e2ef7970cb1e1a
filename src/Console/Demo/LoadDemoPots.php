<?php

declare(strict_types=1);

namespace Inlaid\App\Console\Demo;

use Inlaid\App\Exchange\Document\WriteMaterial;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredPot;
use Inlaid\App\Store\PotBook;
use Inlaid\App\Store\RecipeBook;
use Inlaid\App\Store\RecipeSearch;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\ReadQuantity;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\Portion;
use Symfony\Component\Yaml\Yaml;

/**
 * Puts the demo's pots on the shelf.
 */
final readonly class LoadDemoPots
{
    public function __construct(private PotBook $pots, private RecipeBook $book, private WriteMaterial $write)
    {
    }

    /**
     * @param array<string, Material> $materials by id
     */
    public function load(string $file, array $materials): void
    {
        /**
         * @var list<array{
         *     name: string,
         *     place: string,
         *     recipe?: string,
         *     step?: string,
         *     ratio: non-empty-array<string, string>,
         *     holds: array<string, string>,
         * }> $pots
         */
        $pots = Yaml::parseFile($file);
        foreach ($pots as $pot) {
            $document = Json::encode([
                'materials' => array_map(
                    fn (string $id): object => (object) $this->write->write($materials[$id]),
                    array_keys($pot['ratio']),
                ),
                'mixes' => [[
                    'id' => 'x',
                    'name' => $pot['name'],
                    'basis' => 'volume',
                    'parts' => array_map(
                        static fn (string $share, string $id): array => ['share' => $share, 'of' => ['material' => $id]],
                        $pot['ratio'],
                        array_keys($pot['ratio']),
                    ),
                ]],
                'of' => ['mix' => 'x'],
            ]);
            $recipe = isset($pot['recipe']) ? $this->book->search(new RecipeSearch($pot['recipe']))[1][0]->id : null;
            $holds = Contents::of(array_map(
                static fn (string $amount, string $id): Portion => Portion::of(
                    $materials[$id],
                    $materials[$id]->body->inGrams((new ReadQuantity())->read($amount)),
                ),
                $pot['holds'],
                array_keys($pot['holds']),
            ));
            $this->pots->mix(
                static fn (string $id): StoredPot => new StoredPot(
                    id: $id,
                    name: $pot['name'],
                    document: $document,
                    madeAt: new \DateTimeImmutable(),
                    place: $pot['place'],
                    useBy: null,
                    recipeId: $recipe,
                    stepId: $pot['step'] ?? null,
                ),
                $holds,
            );
        }
    }
}
