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
    /** Shares that make up a whole may be off by rounding. */
    private const ROUNDED = 0.005;

    /**
     * @param non-empty-array<string, array{Face, Measured}> $faces by key
     * @param string|null                                    $shape key of its shape, null where it is not known
     */
    private function __construct(
        public array $faces,
        public ?string $shape,
        public ?Outline $outline,
        public Level $level,
        public float $border,
    ) {
    }

    /**
     * Its edges are those of a square of that area, and where nobody measured its mouldings they are half as long.
     *
     * @param float|null $mouldings m of mouldings and carving on it
     *
     * @throws InvalidPiece if the area cannot be true
     */
    public static function free(float $area, ?float $mouldings = null): self
    {
        if (!is_finite($area) || $area <= 0.0 || $area > 1000.0) {
            throw InvalidPiece::outOfRange('An area', 'above 0 and up to 1000 m²');
        }

        return new self(
            faces: [self::WHOLE => [new Face(self::WHOLE, 'Whole surface'), new Measured(
                area: $area,
                formula: 'as entered',
                edges: 4 * sqrt($area),
                recesses: $mouldings ?? 2 * sqrt($area),
            )]],
            shape: null,
            outline: null,
            level: Level::Body,
            border: 4000 * sqrt($area),
        );
    }

    /**
     * @param array<string, float> $sizes     every one the shape asks for, in mm or as a count
     * @param list<string>         $faces     those that are finished
     * @param float|null           $mouldings m of mouldings and carving on the first of them; else what the shape has, or half as much as
     *                                        there are edges
     *
     * @throws InvalidPiece if a size is missing or cannot be true, or no or an unknown face is named
     */
    public static function of(Shape $shape, array $sizes, array $faces, ?float $mouldings = null): self
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
            $measured = $shape->measure($key, $sizes);
            $own = [] === $finished && null !== $mouldings ? $mouldings : max($measured->recesses, $measured->edges / 2);
            $finished[$key] = [$known[$key] ?? throw InvalidPiece::noSuch('face', $key), $measured->moulded($own)];
        }

        return [] === $finished
            ? throw InvalidPiece::noFaces()
            : new self(
                faces: $finished,
                shape: $shape->key(),
                outline: $shape->outline($sizes),
                level: $shape->level(),
                border: $shape->border($sizes),
            );
    }

    /**
     * The same with some places of its faces for themselves: keyed by the face and their id, as "face.burn". A face of which nothing is
     * left beside them is no longer there.
     *
     * @param non-empty-list<Field> $fields
     *
     * @throws InvalidPiece if a field is on a face that is not finished or takes more than there is of it, or two have the same id
     */
    public function divided(array $fields): self
    {
        $of = [];
        foreach ($fields as $field) {
            $face = $field->face ?? (string) array_key_first($this->faces);
            isset($this->faces[$face]) || throw InvalidPiece::noSuch('face', $face);
            !isset($of[$face][$field->id]) || throw InvalidPiece::twice('The field', $field->id);
            $of[$face][$field->id] = $field;
        }
        $faces = [];
        foreach ($this->faces as $key => [$face, $measured]) {
            $left = 1 - array_sum(array_map(static fn (Field $f): float => $f->share, $of[$key] ?? []));
            $left > -self::ROUNDED || throw InvalidPiece::outOfRange('The fields of a face', 'together up to 100 %');
            if ($left > self::ROUNDED) {
                $faces[$key] = [$face, $measured->part($left)];
            }
            foreach ($of[$key] ?? [] as $id => $field) {
                $own = new Face(key: $key.'.'.$id, name: $field->name, usual: $face->usual, broad: $face->broad);
                $faces[$own->key] = [$own, $measured->part($field->share)];
            }
        }
        \assert([] !== $faces);

        return new self(faces: $faces, shape: $this->shape, outline: $this->outline, level: $this->level, border: $this->border);
    }

    /**
     * Its faces and fields by key, and the faces of which only fields are left.
     *
     * @return list<string>
     */
    public function names(): array
    {
        $keys = array_keys($this->faces);

        return array_values(array_unique([...$keys, ...array_map(self::faceOf(...), $keys)]));
    }

    /** The face that a key names, or on which the field lies that it names. */
    public static function faceOf(string $key): string
    {
        return explode('.', $key, 2)[0];
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
        $broad = $this->broad(null);

        return \count($broad) > 1 && self::faceOf($face) === $broad[\count($broad) - 1] ? 2 : 1;
    }

    /**
     * Do the given faces lie on both sides of a board, so that it has to be turned between them?
     *
     * @param list<string>|null $faces
     */
    public function hasTwoSides(?array $faces): bool
    {
        return 2 <= \count($this->broad($faces));
    }

    /**
     * @param list<string>|null $faces
     *
     * @return list<string>
     */
    private function broad(?array $faces): array
    {
        $broad = array_filter(
            $this->faces,
            static fn (array $f): bool => $f[0]->broad && (null === $faces || \in_array($f[0]->key, $faces, true)),
        );

        return array_values(array_unique(array_map(self::faceOf(...), array_keys($broad))));
    }
}
