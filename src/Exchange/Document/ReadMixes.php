<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Recipe\InvalidRecipe;

/**
 * Reads the mixes of a document, which name materials and one another, into trees. A mix in itself is refused.
 */
final class ReadMixes
{
    private const DEEPEST = 6;

    /**
     * @param array<string, Material> $materials by id
     *
     * @return array<string, Mixture> by id
     */
    public function read(Node $document, array $materials, string $field = 'mixes'): array
    {
        $nodes = [];
        foreach ($document->list(
            $field,
            static fn (Node $n): array => [$n->fields('id', 'name', 'basis', 'parts', 'written')->id('id'), $n],
            100,
        ) as [$id, $node]) {
            isset($nodes[$id]) ? $node->refuse('id', InvalidRecipe::twice('The mix', $id)->getMessage()) : $nodes[$id] = $node;
        }
        $made = [];
        foreach ($nodes as $id => $node) {
            try {
                $this->mix(id: (string) $id, nodes: $nodes, materials: $materials, made: $made, above: []);
            } catch (SkipRest) {
            }
        }

        return $made;
    }

    /**
     * @param array<string, Node>     $nodes
     * @param array<string, Material> $materials
     * @param array<string, Mixture>  $made
     * @param list<string>            $above
     */
    private function mix(string $id, array $nodes, array $materials, array &$made, array $above): Mixture
    {
        if (isset($made[$id])) {
            return $made[$id];
        }
        $node = $nodes[$id];
        if (\in_array($id, $above, true)) {
            $node->refuseHere(InvalidRecipe::mixInItself($node->string('name'))->getMessage());
        }
        if (\count($above) >= self::DEEPEST) {
            $node->refuseHere(\sprintf('Too many mixes inside mixes. Maximum %d levels.', self::DEEPEST));
        }
        $this->written($node);
        $parts = $node->list('parts', function (Node $part) use ($nodes, $materials, &$made, $above, $id): Part {
            $part->fields('share', 'of');
            $of = $part->child('of');
            $share = $part->exact('share');
            $what = $this->named(
                $of,
                $materials,
                fn (string $mix): ?Mixture => isset($nodes[$mix]) ? $this->mix(
                    id: $mix,
                    nodes: $nodes,
                    materials: $materials,
                    made: $made,
                    above: [...$above, $id],
                ) : null,
            );

            return $part->make(static fn (): Part => Part::of($share, $what), 'share');
        }, 30);

        return $made[$id] = $node->make(
            static fn (): Mixture => Mixture::of($node->string('name', 120), $node->enum('basis', Basis::class), $parts),
            'parts',
        );
    }

    /**
     * {"material": id} or {"mix": id}.
     *
     * @param array<string, Material>    $materials
     * @param \Closure(string): ?Mixture $mix
     */
    public function named(Node $of, array $materials, \Closure $mix): Material|Mixture
    {
        $of->fields('material', 'mix');
        if ($of->has('mix') === $of->has('material')) {
            $of->refuseHere('Choose either a material or a mix.');
        }
        if ($of->has('mix')) {
            return $mix($of->id('mix')) ?? $of->refuse('mix', InvalidRecipe::missing('mix', $of->id('mix'))->getMessage());
        }

        return $materials[$of->id('material')] ?? $of->refuse(
            'material',
            InvalidRecipe::missing('material', $of->id('material'))->getMessage(),
        );
    }

    /** How the painter wrote the ratio, and which reading was chosen: kept, never computed with. */
    private function written(Node $node): void
    {
        $written = $node->childOrNull('written');
        if (null !== $written) {
            $written->fields('text', 'reading');
            $written->string('text', 60);
            $written->string('reading', 20);
        }
    }
}
