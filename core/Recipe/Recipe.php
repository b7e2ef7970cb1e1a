<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;

/**
 * A whole recipe, ready to be worked out.
 *
 * Immutable.
 */
final readonly class Recipe
{
    /**
     * @param list<Step>            $steps
     * @param array<string, string> $schools  chosen answer by question; what is missing is the studio's
     * @param array<string, string> $accepted why a finding is kept, by its key
     */
    private function __construct(public string $title, public Piece $piece, public array $steps, public array $schools, public string $summary, public array $accepted)
    {
    }

    /**
     * @param list<Step>            $steps
     * @param array<string, string> $schools
     * @param array<string, string> $accepted
     *
     * @throws RecipeRefusal if a step is there twice or names a part the piece does not have
     */
    public static function of(string $title, Piece $piece, array $steps, array $schools = [], string $summary = '', array $accepted = []): self
    {
        $parts = self::namesOfPlaces($piece);
        $seen = [];
        foreach ($steps as $step) {
            if (isset($seen[$step->id])) {
                throw RecipeRefusal::twice('The step', $step->id);
            }
            $seen[$step->id] = true;
            foreach (array_diff($step->parts, $parts) as $unknown) {
                throw RecipeRefusal::missing('part', $unknown);
            }
        }

        return new self($title, $piece, $steps, $schools, $summary, $accepted);
    }

    /**
     * What the steps of a recipe for this piece may name: its parts, and their faces.
     *
     * @return list<string>
     */
    public static function namesOfPlaces(Piece $piece): array
    {
        return array_merge(...array_map(static fn (PiecePart $p): array => [$p->id, ...array_map(static fn (string $face): string => $p->id.':'.$face, array_keys($p->surface->faces))], $piece->parts));
    }

    /**
     * The parts a step is done to.
     *
     * @return list<PiecePart>
     */
    public function partsOf(Step $step): array
    {
        return array_values(array_filter($this->piece->parts, $step->touches(...)));
    }
}
