<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * What is being finished: so many alike, each of these parts, with the joints that move and the place it will stand.
 *
 * Immutable.
 */
final readonly class Piece
{
    /**
     * @param non-empty-list<PiecePart> $parts
     * @param list<Joint>               $joints
     */
    private function __construct(public string $name, public int $count, public array $parts, public array $joints, public PieceUse $use)
    {
    }

    /**
     * @param list<PiecePart> $parts
     * @param list<Joint>     $joints
     *
     * @throws InvalidPiece if there is no part, something is there twice, a joint names a face that is not finished, or the count cannot be
     *                      true
     */
    public static function of(string $name, int $count, array $parts, array $joints = [], PieceUse $use = new PieceUse()): self
    {
        if ($count < 1 || $count > 1000) {
            throw InvalidPiece::outOfRange('The number of identical pieces', 'between 1 and 1000');
        }
        if ([] === $parts) {
            throw InvalidPiece::outOfRange('A piece', 'made of at least one part');
        }
        $byId = [];
        foreach ($parts as $part) {
            isset($byId[$part->id]) && throw InvalidPiece::twice('The part', $part->id);
            $byId[$part->id] = $part;
        }
        foreach ($joints as $joint) {
            foreach ([$joint->moving, $joint->fixed] as $side) {
                $part = $byId[$side->part] ?? throw InvalidPiece::noSuch('part', $side->part);
                if (!isset($part->surface->faces[$side->face])) {
                    throw InvalidPiece::faceMissing($part->name, $side->face);
                }
            }
        }

        return new self(name: $name, count: $count, parts: $parts, joints: $joints, use: $use);
    }

    /**
     * The part with the largest area of those of which it holds, the first of several; null where it holds of none.
     *
     * @param \Closure(PiecePart): bool $holds
     */
    public function largest(\Closure $holds): ?PiecePart
    {
        $parts = array_filter($this->parts, $holds);
        usort($parts, static fn (PiecePart $a, PiecePart $b): int => $b->totalArea() <=> $a->totalArea());

        return $parts[0] ?? null;
    }

    /**
     * @throws InvalidPiece
     */
    public function part(string $id): PiecePart
    {
        foreach ($this->parts as $part) {
            if ($part->id === $id) {
                return $part;
            }
        }

        throw InvalidPiece::noSuch('part', $id);
    }
}
