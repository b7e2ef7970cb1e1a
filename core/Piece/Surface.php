<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

use Inlaid\Core\Piece\Shape\Face;
use Inlaid\Core\Piece\Shape\Level;
use Inlaid\Core\Piece\Shape\Measured;
use Inlaid\Core\Piece\Shape\Outline;
use Inlaid\Core\Piece\Shape\Shape;

/**
 * The faces of one part that are finished, with their areas: reckoned from a shape, or entered as one free area.
 *
 * Immutable. `outline` is null where the shape is not known; `border` mm along which it meets its neighbours, of a square where the shape
 * is not known.
 */
final readonly class Surface
{
    /** The face of a part whose shape nobody entered. */
    public const WHOLE = 'whole';

    /**
     * @param non-empty-array<string, array{Face, Measured}> $faces by key
     */
    private function __construct(public array $faces, public ?Outline $outline, public Level $level, public float $border)
    {
    }

    /**
     * @throws InvalidPiece if the area cannot be true
     */
    public static function free(float $area): self
    {
        if (!is_finite($area) || $area <= 0.0 || $area > 1000.0) {
            throw InvalidPiece::outOfRange('An area', 'above 0 and up to 1000 m²');
        }

        return new self(
            faces: [self::WHOLE => [new Face(self::WHOLE, 'Whole surface'), new Measured($area, 'as entered')]],
            outline: null,
            level: Level::Body,
            border: 4000 * sqrt($area),
        );
    }

    /**
     * @param array<string, float> $sizes every one the shape asks for, in mm or as a count
     * @param list<string>         $faces those that are finished
     *
     * @throws InvalidPiece if a size is missing or cannot be true, or no or an unknown face is named
     */
    public static function of(Shape $shape, array $sizes, array $faces): self
    {
        foreach ($shape->sizes() as $size) {
            $value = $sizes[$size->key] ?? throw InvalidPiece::outOfRange($size->name, 'stated');
            if (
                !is_finite($value)
                || ($size->isCount ? $value < 0 || $value > 500 || 0.0 !== fmod($value, 1.0) : $value < 1 || $value > 20_000)
            ) {
                throw InvalidPiece::outOfRange($size->name, $size->isCount ? 'a whole number up to 500' : 'between 1 and 20000 mm');
            }
        }
        $known = array_column(array_map(static fn (Face $f): array => [$f->key, $f], $shape->faces()), 1, 0);
        $finished = [];
        foreach ($faces as $key) {
            $finished[$key] = [$known[$key] ?? throw InvalidPiece::noSuch('face', $key), $shape->measure($key, $sizes)];
        }

        return [] === $finished
            ? throw InvalidPiece::noFaces()
            : new self(faces: $finished, outline: $shape->outline($sizes), level: $shape->level(), border: $shape->border($sizes));
    }

    /**
     * m² of the given faces, of all where none is named.
     *
     * @param list<string>|null $faces
     */
    public function area(?array $faces = null): float
    {
        $area = 0.0;
        foreach ($this->faces as $key => [, $measured]) {
            $area += null === $faces || \in_array($key, $faces, true) ? $measured->area : 0.0;
        }

        return $area;
    }

    /** 2 for the broad face that lies below at first where a board is turned, 1 for any other. */
    public function sideOf(string $face): int
    {
        $broad = array_keys(array_filter($this->faces, static fn (array $f): bool => $f[0]->broad));

        return \count($broad) > 1 && $face === $broad[\count($broad) - 1] ? 2 : 1;
    }

    /**
     * Do the given faces lie on both sides of a board, so that it has to be turned between them?
     *
     * @param list<string>|null $faces
     */
    public function hasTwoSides(?array $faces): bool
    {
        return 2 <= \count(array_filter(
            $this->faces,
            static fn (array $f): bool => $f[0]->broad && (null === $faces || \in_array($f[0]->key, $faces, true)),
        ));
    }
}
