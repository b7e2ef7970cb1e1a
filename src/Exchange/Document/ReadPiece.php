<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Piece\Fault;
use Inlaid\Core\Piece\Field;
use Inlaid\Core\Piece\FieldTest;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\FinishState;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\InvalidPiece;
use Inlaid\Core\Piece\Joint;
use Inlaid\Core\Piece\JointKind;
use Inlaid\Core\Piece\JointSide;
use Inlaid\Core\Piece\OldFinish;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\PieceUse;
use Inlaid\Core\Piece\Place;
use Inlaid\Core\Piece\Pulls;
use Inlaid\Core\Piece\Shape\Shape;
use Inlaid\Core\Piece\Shape\Shapes;
use Inlaid\Core\Piece\Shape\Size;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Piece\Wear;
use Inlaid\Core\Technique\WornPlace;
use Inlaid\Core\Technique\WornPlaces;

/**
 * Reads a surveyed piece, as `docs/formats/piece.schema.json` defines it.
 */
final readonly class ReadPiece
{
    public function __construct(private Shapes $shapes)
    {
    }

    public function read(Node $n): Piece
    {
        $n->fields('name', 'count', 'parts', 'joints', 'use');
        $parts = $n->list('parts', $this->part(...), 100);
        $joints = $n->has('joints') ? $n->list('joints', $this->joint(...), 50) : [];
        $use = $n->childOrNull('use');
        $where = null === $use ? new PieceUse() : $use->make(static fn (): PieceUse => new PieceUse(
            place: $use->fields('place', 'wear', 'food', 'child', 'from')->enumOrNull('place', Place::class) ?? Place::Dry,
            wear: $use->enumOrNull('wear', Wear::class) ?? Wear::Light,
            food: $use->has('food') && $use->bool('food'),
            child: $use->has('child') && $use->bool('child'),
            from: $use->has('from') ? $use->string('from', 10) : null,
        ), 'from');

        $n->make(static fn (): Piece => Piece::of($n->string('name', 120), $n->int('count', 1), $parts), 'parts');

        return $n->make(
            static fn (): Piece => Piece::of(
                name: $n->string('name', 120),
                count: $n->int('count', 1),
                parts: $parts,
                joints: $joints,
                use: $where,
            ),
            'joints',
        );
    }

    private function part(Node $n): PiecePart
    {
        $n->fields(
            'id',
            'name',
            'area',
            'shape',
            'count',
            'turned',
            'substrate',
            'finish',
            'absorption',
            'faults',
            'fields',
            'tests',
            'pulls',
            'worn',
            'mouldings',
            'inside',
        );
        if ($n->has('area') === $n->has('shape')) {
            $n->refuse('area', 'Enter either an area or a shape.');
        }
        $surface = $n->has('shape')
            ? $this->shaped($n->child('shape'), $n->floatOrNull('mouldings'))
            : $n->make(static fn (): Surface => Surface::free($n->float('area'), $n->floatOrNull('mouldings')), 'area');
        $substrate = $this->substrate($n->child('substrate'));
        $finish = $n->childOrNull('finish')?->fields('kind', 'state');
        $lies = null === $finish
            ? new OldFinish()
            : new OldFinish(
                $finish->enum('kind', FinishKind::class),
                $finish->enumOrNull('state', FinishState::class) ?? FinishState::Sound,
            );

        return $n->make(fn (): PiecePart => PiecePart::of(
            id: $n->id('id'),
            name: $n->string('name', 120),
            surface: $surface,
            count: $n->int('count', 1),
            substrate: $substrate,
            finish: $lies,
            absorption: $n->floatOrNull('absorption'),
            turned: $n->has('turned') && $n->bool('turned'),
            faults: $this->enums($n, 'faults', Fault::class),
            fields: $n->has('fields') ? $n->list('fields', $this->field(...), 40) : [],
            tests: $n->has('tests') ? $n->map('tests', $this->answer(...), 20) : [],
            pulls: $n->enumOrNull('pulls', Pulls::class),
            worn: $n->has('worn') ? new WornPlaces($this->enums($n, 'worn', WornPlace::class)) : new WornPlaces(),
            inside: $n->has('inside') && $n->bool('inside'),
        ), 'count');
    }

    private function shaped(Node $n, ?float $mouldings): Surface
    {
        $n->fields('kind', 'size', 'faces');
        $shape = $n->make(fn (): Shape => $this->shapes->named($n->string('kind', 40)), 'kind');
        $asked = array_map(static fn (Size $s): string => $s->key, $shape->sizes());
        $size = $n->child('size')->fields(...$asked);
        $sizes = array_combine($asked, array_map(static fn (string $key): float => $size->float($key), $asked));
        $faces = $n->list('faces', static fn (Node $f): string => $f->asString(40), 20);

        return $n->make(static fn (): Surface => Surface::of(shape: $shape, sizes: $sizes, faces: $faces, mouldings: $mouldings));
    }

    private function substrate(Node $n): Substrate
    {
        $n->fields('kind', 'species', 'grain', 'colour', 'veneer', 'bleeds', 'moves');

        return $n->make(fn (): Substrate => Substrate::of(
            kind: $n->enum('kind', SubstrateKind::class),
            species: $n->string('species', 60, true),
            grain: $n->enum('grain', Grain::class),
            colour: $n->make(static fn (): Colour => Colour::of($n->string('colour', 20)), 'colour'),
            veneer: $n->floatOrNull('veneer'),
            bleeds: $this->enums($n, 'bleeds', Bleed::class),
            moves: $n->floatOrNull('moves'),
        ));
    }

    private function field(Node $n): Field
    {
        $n->fields('id', 'name', 'face', 'share', 'colour', 'drinks');

        return $n->make(
            static fn (): Field => Field::of(
                id: $n->id('id'),
                name: $n->string('name', 60),
                share: $n->float('share'),
                face: $n->has('face') ? $n->string('face', 40) : null,
                colour: $n->has('colour') ? $n->make(static fn (): Colour => Colour::of($n->string('colour', 20)), 'colour') : null,
                drinks: $n->floatOrNull('drinks'),
            ),
            'share',
        );
    }

    /** The answer to one field test; the key names the test. */
    private function answer(Node $n): string
    {
        $test = FieldTest::tryFrom($n->name()) ?? $n->refuseHere(InvalidPiece::noSuch('test', $n->name())->getMessage());
        $answer = $n->asString(40);
        $n->make(static fn () => $test->check($answer));

        return $answer;
    }

    private function joint(Node $n): Joint
    {
        $n->fields('id', 'name', 'kind', 'moving', 'fixed', 'clearance', 'least', 'across');
        $side = static fn (Node $s): JointSide => new JointSide(
            $s->fields('part', 'face', 'coated')->id('part'),
            $s->string('face', 40),
            $s->bool('coated'),
        );
        [$moving, $fixed] = [$side($n->child('moving')), $side($n->child('fixed'))];

        return $n->make(
            static fn (): Joint => Joint::of(
                id: $n->id('id'),
                name: $n->string('name', 120),
                kind: $n->enum('kind', JointKind::class),
                moving: $moving,
                fixed: $fixed,
                clearance: $n->float('clearance'),
                least: $n->floatOrNull('least') ?? 0.3,
                across: $n->floatOrNull('across') ?? 0.0,
            ),
            'clearance',
        );
    }

    /**
     * @template E of \BackedEnum
     *
     * @param class-string<E> $enum
     *
     * @return list<E>
     */
    private function enums(Node $n, string $name, string $enum): array
    {
        return $n->has($name) ? $n->list($name, static fn (Node $i): \BackedEnum => $i->asEnum($enum), 20) : [];
    }
}
