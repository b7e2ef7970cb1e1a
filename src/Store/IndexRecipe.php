<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredRecipe;
use Inlaid\App\Store\Entity\StoredTerm;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Component;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Technique\Zone;

/**
 * Derives what a recipe is found by and what its chip in the book shows. It can be rebuilt from the documents at any time.
 */
final readonly class IndexRecipe
{
    /** Before terms that are chosen and not typed: no word begins so. */
    public const WOOD = ':wood:';
    public const HOW = ':how:';

    public function __construct(
        private EntityManagerInterface $em,
        private CalculateLook $look,
        private FlattenMix $flatten = new FlattenMix(),
    ) {
    }

    public function index(StoredRecipe $stored, Recipe $recipe): void
    {
        $this->em->createQuery('DELETE FROM '.StoredTerm::class.' t WHERE t.recipe = :recipe')->execute(['recipe' => $stored]);
        foreach ($this->terms($recipe) as $term) {
            $this->em->persist(new StoredTerm($stored, $term));
        }
        $stored->title = $recipe->title;
        $look = $this->look->calculate($recipe);
        $stored->card = Json::encode($this->card($recipe, array_map(static fn (Colour $c): string => $c->hex, $look)));
        $flat = Lab::of($look[Zone::Field->value]);
        [$stored->lookL, $stored->lookA, $stored->lookB] = [$flat->l, $flat->a, $flat->b];
    }

    /**
     * The words of a search or a recipe, in small letters.
     *
     * @return list<string>
     */
    public static function words(string $text): array
    {
        preg_match_all('/[\p{L}\p{N}]+/u', mb_strtolower($text), $m);

        return array_values(array_unique(array_map(static fn (string $w): string => mb_substr($w, 0, 80), $m[0])));
    }

    /**
     * @return list<string>
     */
    private function terms(Recipe $recipe): array
    {
        $text = [$recipe->title, $recipe->piece->name];
        foreach ($recipe->piece->parts as $part) {
            array_push($text, $part->name, $part->substrate->species, $part->substrate->kind->value);
        }
        foreach ($recipe->steps as $step) {
            array_push($text, $step->title, $step->technique->name());
            foreach ($this->materials($step->uses) as $material) {
                array_push($text, $material->name, $material->kind->value);
            }
        }

        return [...self::words(implode(' ', $text)), ...$this->facets($recipe)];
    }

    /**
     * Its woods, and the techniques by which it is coloured.
     *
     * @return list<string>
     */
    private function facets(Recipe $recipe): array
    {
        $woods = array_map(static fn (PiecePart $p): string => self::facet(self::WOOD, $p->substrate->species), $recipe->piece->parts);
        $coloured = array_filter($recipe->steps, fn (Step $s): bool => [] !== array_filter(
            $this->materials($s->uses),
            static fn (Material $m): bool => null !== ($m->look->colour ?? $m->look->onWood),
        ));

        return array_values(array_unique([
            ...$woods,
            ...array_map(static fn (Step $s): string => self::facet(self::HOW, $s->technique->key()), array_values($coloured)),
        ]));
    }

    public static function facet(string $of, string $value): string
    {
        return mb_substr($of.mb_strtolower($value), 0, 80);
    }

    /**
     * @param array<string, string> $look
     */
    private function card(Recipe $recipe, array $look): Card
    {
        return new Card(
            piece: $recipe->piece->name,
            count: $recipe->piece->count,
            ground: implode(
                ', ',
                array_unique(array_map(static fn (PiecePart $p): string => $p->substrate->inWords(), $recipe->piece->parts)),
            ),
            steps: \count($recipe->steps),
            look: $look,
        );
    }

    /**
     * @return list<Material>
     */
    private function materials(Material|\Inlaid\Core\Mixing\Mixture|null $uses): array
    {
        return null === $uses ? [] : array_map(static fn (Component $l): Material => $l->material, $this->flatten->flatten($uses)->leaves);
    }
}
