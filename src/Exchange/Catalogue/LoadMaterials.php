<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Catalogue;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadMaterial;
use Inlaid\App\Exchange\Json;
use Inlaid\Core\Material\Material;
use Symfony\Component\Yaml\Yaml;

/**
 * Loads materials from YAML: a file's `defaults` under each of its materials, a material named by `like` under that one,
 * and times such as "2 h" or "21 d" as minutes.
 */
final readonly class LoadMaterials
{
    private const FILES = ['prep', 'colour', 'finish'];
    private const MINUTES = ['min' => 1, 'h' => 60, 'd' => 1440];

    public function __construct(private string $projectDir, private ReadMaterial $read)
    {
    }

    /**
     * The generic catalogue.
     *
     * @return array<string, Material> by id
     */
    public function catalogue(): array
    {
        return $this->files(array_map(
            fn (string $name): string => \sprintf('%s/data/catalogue/%s.yaml', $this->projectDir, $name),
            self::FILES,
        ));
    }

    /**
     * The catalogue and the plain colours a new studio begins with.
     *
     * @return array<string, Material> by id
     */
    public function forNewStudio(): array
    {
        return $this->with($this->projectDir.'/data/catalogue/first-colours.yaml');
    }

    /**
     * The catalogue and more of the same, which may be `like` something in it.
     *
     * @return array<string, Material> by id
     */
    public function with(string $file): array
    {
        return $this->files([
            ...array_map(fn (string $name): string => \sprintf('%s/data/catalogue/%s.yaml', $this->projectDir, $name), self::FILES),
            $file,
        ]);
    }

    /**
     * @param list<string> $files
     *
     * @return array<string, Material>
     */
    private function files(array $files): array
    {
        $raw = $materials = [];
        foreach ($files as $file) {
            /** @var array{defaults?: array<string, mixed>, materials: array<string, array<string, mixed>>} $data */
            $data = Yaml::parseFile($file);
            foreach ($data['materials'] as $id => $fields) {
                $like = $fields['like'] ?? null;
                unset($fields['like']);
                $raw[$id] = array_replace_recursive(\is_string($like) ? $raw[$like] : $data['defaults'] ?? [], $fields);
                $json = Json::decode(Json::encode($this->minutes(['id' => $id, 'version' => 1] + $raw[$id])));
                $materials[$id] = Node::read($json, $this->read->read(...), '/'.$id);
            }
        }

        return $materials;
    }

    private function minutes(mixed $value): mixed
    {
        if (\is_array($value)) {
            return array_map($this->minutes(...), $value);
        }

        return \is_string($value) && 1 === preg_match('/^(\d+) (min|h|d)$/', $value, $m) ? (int) $m[1] * self::MINUTES[$m[2]] : $value;
    }
}
