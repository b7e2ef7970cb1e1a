<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\School\Schools;

/**
 * Puts what holds for a whole recipe, and for a part of its piece, into words, fact by fact.
 */
final readonly class DescribeRecipe
{
    public function __construct(private Schools $schools)
    {
    }

    /**
     * @return array<string, string> only what is stated
     */
    public function facts(Recipe $recipe): array
    {
        $facts = ['the title' => '"'.$recipe->title.'"', 'the piece' => '"'.$recipe->piece->name.'"', 'the number of pieces' => (string) $recipe->piece->count];
        if ('' !== $recipe->summary) {
            $facts['what it is to be'] = '"'.$recipe->summary.'"';
        }
        foreach ($recipe->schools as $key => $answer) {
            [$question, $words] = $this->schools->inWords($key, $answer);
            $facts['the school on "'.$question.'"'] = '"'.$words.'"';
        }

        return $facts;
    }

    /**
     * @return array<string, string> only what is stated
     */
    public function part(PiecePart $part): array
    {
        $s = $part->substrate;

        return array_filter([
            'the name' => '"'.$part->name.'"',
            'the area' => ExactNumber::plain($part->area, 3).' m²',
            'the count' => (string) $part->count,
            'the substrate' => $s->inWords(),
            'the grain' => Grain::None === $s->grain ? 'none' : $s->grain->value.'-grained',
            'the ground' => $s->ground->value,
            'the colour of the ground' => $s->colour->hex,
            'what it drinks' => null === $part->absorption ? null : ExactNumber::plain($part->absorption).' times a sealed ground',
        ], static fn (?string $fact): bool => null !== $fact);
    }
}
