<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;

/**
 * All that is needed to paint a finished piece from the front, and nothing else of its recipe.
 *
 * Immutable.
 */
final readonly class Painting
{
    /**
     * @param list<PaintedPart> $parts
     * @param list<PaintedFace> $faces
     */
    private function __construct(public array $parts, public array $faces)
    {
    }

    /**
     * @param list<StackPreview> $stacks of the piece
     */
    public static function of(Piece $piece, array $stacks): self
    {
        $faces = [];
        $part = static function (PiecePart $part) use ($stacks, &$faces): PaintedPart {
            $place = $part->id.':'.array_key_first($part->surface->faces);
            $stack = array_values(array_filter($stacks, static fn (StackPreview $s): bool => \in_array($place, $s->places, true)))[0]
                ?? throw new \LogicException('Every face has its look.');
            $faces[$stack->id] ??= self::face($stack);

            return new PaintedPart(
                id: $part->id,
                kind: $part->surface->shape,
                count: $part->count,
                outline: $part->surface->outline,
                worn: $part->worn->places,
                face: (int) array_search($stack->id, array_keys($faces), true),
            );
        };

        return new self(array_map($part, $piece->parts), array_values($faces));
    }

    private static function face(StackPreview $stack): PaintedFace
    {
        $last = \count($stack->look->after) - 1;

        return new PaintedFace($stack->substrate->grain, array_map(
            static fn (LookAfter $a, int $i): PaintedAfter => new PaintedAfter($a->stepId, array_map(
                static fn (ZoneLook $z): PaintedZone => new PaintedZone(
                    zone: $z->zone,
                    colours: $i === $last ? $z->colours : [],
                    divided: $z->divided,
                    spread: $z->spread,
                    way: $z->way,
                ),
                $a->zones,
            )),
            $stack->look->after,
            array_keys($stack->look->after),
        ));
    }
}
