<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape;

use Inlaid\Core\Piece\InvalidPiece;

/**
 * All shapes there are, by name.
 *
 * Immutable.
 */
final readonly class Shapes
{
    /** @var array<string, Shape> */
    private array $byKey;

    /**
     * @param iterable<Shape> $shapes
     */
    public function __construct(iterable $shapes)
    {
        $byKey = [];
        foreach ($shapes as $shape) {
            $byKey[$shape->key()] = $shape;
        }
        uasort($byKey, static fn (Shape $a, Shape $b): int => $a->name() <=> $b->name());
        $this->byKey = $byKey;
    }

    /**
     * @throws InvalidPiece
     */
    public function named(string $key): Shape
    {
        return $this->byKey[$key] ?? throw InvalidPiece::noSuch('shape', $key);
    }

    /**
     * @return list<Shape>
     */
    public function all(): array
    {
        return array_values($this->byKey);
    }
}
