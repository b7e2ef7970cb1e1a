<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Technique\Technique;

/**
 * One thing done to the whole piece or to named parts of it, in order.
 *
 * Immutable. Parts are named by id, or by id and face ("door:reverse"); an empty list means the whole piece.
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
        return [] !== ($this->facesOf($part) ?? ['all']);
    }

    /**
     * The faces of a part it is done to: null for all of them, an empty list where the part is left alone.
     *
     * @return list<string>|null
     */
    public function facesOf(PiecePart $part): ?array
    {
        if ([] === $this->parts || \in_array($part->id, $this->parts, true)) {
            return null;
        }
        $prefix = $part->id.':';
        $named = array_map(static fn (string $p): string => substr($p, \strlen($prefix)), array_values(array_filter($this->parts, static fn (string $p): bool => str_starts_with($p, $prefix))));

        return array_values(array_intersect(array_keys($part->surface->faces), $named));
    }

    public function touchesFace(PiecePart $part, string $face): bool
    {
        return \in_array($face, $this->facesOf($part) ?? [$face], true);
    }
}
