<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Technique\Technique;

/**
 * One thing done to the whole piece or to named parts of it, in order.
 *
 * Immutable. An empty list of parts means all of them.
 */
final readonly class Step
{
    /**
     * @param list<string> $parts
     */
    private function __construct(
        public string $id,
        public string $title,
        public Technique $technique,
        public Intent $intent,
        public array $parts,
        public Material|Mixture|null $uses,
        public int $coats,
        public StepDetail $detail,
        public WaitRule $wait,
        public string $note,
    ) {
    }

    /**
     * @param list<string> $parts
     *
     * @throws RecipeRefusal if coats cannot be true or the technique and the material do not go together
     */
    public static function of(string $id, string $title, Technique $technique, Intent $intent, array $parts, Material|Mixture|null $uses, int $coats, StepDetail $detail, WaitRule $wait, string $note = ''): self
    {
        if ($coats < 1 || $coats > 50) {
            throw RecipeRefusal::outOfRange('Coats', 'between 1 and 50');
        }
        if ($technique->figures()->takesMaterial && null === $uses) {
            throw RecipeRefusal::needsMaterial($technique->name());
        }
        if (!$technique->figures()->takesMaterial && null !== $uses) {
            throw RecipeRefusal::takesNoMaterial($technique->name());
        }

        return new self($id, $title, $technique, $intent, $parts, $uses, $coats, $detail, $wait, $note);
    }

    /**
     * What to call it: its own title, else the technique and what is used.
     */
    public function name(): string
    {
        return '' !== $this->title ? $this->title : $this->technique->name().(null === $this->uses ? '' : ': '.$this->uses->name);
    }

    public function touches(PiecePart $part): bool
    {
        return [] === $this->parts || \in_array($part->id, $this->parts, true);
    }
}
