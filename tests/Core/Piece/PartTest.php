<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Piece;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Piece\Conclusion;
use Inlaid\Core\Piece\Fault;
use Inlaid\Core\Piece\Field;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\FinishState;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\OldFinish;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\PieceUse;
use Inlaid\Core\Piece\Place;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Piece\SurveyPart;
use Inlaid\Core\Preview\DescribeParts;
use Inlaid\Core\Surface\Origin;
use Inlaid\Tests\Core\Bounds;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * A part as it is surveyed: what is concluded of it, and what its wood drinks.
 */
final class PartTest extends TestCase
{
    use Bounds;

    /**
     * @return iterable<string, array{string, PiecePart}>
     */
    public static function parts(): iterable
    {
        $parts = [
            'bare, nothing tested' => self::part(),
            'unknown, nothing tested' => self::part(FinishKind::Unknown),
            'varnish as stated' => self::part(FinishKind::Varnish),
            'varnish, but alcohol softens it' => self::part(
                FinishKind::Varnish,
                ['alcohol' => 'softens', 'water' => 'beads', 'thinner' => 'softens'],
            ),
            'wax, sure' => self::part(
                FinishKind::Waxed,
                ['spirit' => 'smears', 'water' => 'beads', 'alcohol' => 'nothing', 'thinner' => 'nothing'],
            ),
            'the rag takes colour' => self::part(FinishKind::Oiled, ['rag' => 'coloured', 'tape' => 'holds']),
            'the rag stays white' => self::part(FinishKind::Oiled, ['rag' => 'clean', 'tape' => 'holds']),
            'the tape lifts it' => self::part(FinishKind::Lacquer, ['tape' => 'lifts', 'rag' => 'clean']),
            'layers at the edge' => self::part(FinishKind::Lacquer, ['edge' => 'layers', 'tape' => 'holds', 'rag' => 'clean']),
            'layers at the edge of a known veneer' => self::part(
                FinishKind::Lacquer,
                ['edge' => 'layers', 'tape' => 'holds', 'rag' => 'clean'],
                veneer: 0.6,
            ),
            'paint with lead' => self::part(FinishKind::Paint, ['lead' => 'found', 'tape' => 'holds', 'rag' => 'clean']),
            'paint without lead' => self::part(FinishKind::Paint, ['lead' => 'none', 'tape' => 'holds', 'rag' => 'clean']),
            'paint after the ban' => self::part(FinishKind::Paint, ['age' => 'after', 'tape' => 'holds', 'rag' => 'clean']),
            'paint of unknown age' => self::part(FinishKind::Paint, ['tape' => 'holds', 'rag' => 'clean']),
            'faults and repairs' => self::part(faults: [Fault::Burn, Fault::Cracks], fields: [
                Field::of('a', 'Pale and thirsty', 0.1, colour: Colour::of('#f2e6d0'), drinks: 2.4),
                Field::of('b', 'Filler', 0.1, colour: Colour::of('#c9a877'), drinks: 1.0),
                Field::of('c', 'Same wood', 0.1, colour: Colour::of('#e5d3b3'), drinks: 1.2),
                Field::of('d', 'Only drawn', 0.1),
                Field::of('e', 'A tenth more', 0.1, drinks: 1.32),
                Field::of('f', 'A tenth less', 0.1, drinks: 1.08),
                Field::of('g', 'Nearly the wood', 0.1, colour: Colour::of('#e9d8b9')),
            ]),
        ];
        foreach ($parts as $name => $part) {
            yield $name => [$name, $part];
        }
    }

    #[DataProvider('parts')]
    public function testWhatIsConcluded(string $name, PiecePart $part): void
    {
        $survey = (new SurveyPart())->survey($part);
        Said::assertSame(__DIR__.'/surveys.yaml', $name, array_filter([
            'sure' => $survey->sure,
            'likely' => $survey->finishes[0]->name.' '.$survey->finishes[0]->probability,
            'next' => null === $survey->next ? null : "{$survey->next->value}, $survey->gain bits",
            'concluded' => array_map(static fn (Conclusion $c): string => Said::line($c), $survey->conclusions),
            'may hold lead' => $part->mayHoldLead() ? 'yes' : null,
        ], static fn (mixed $v): bool => null !== $v));
    }

    /** Three tables of a top and four legs: areas are of all of them. */
    public function testAreasAreOfAllPieces(): void
    {
        $top = self::part();
        $leg = PiecePart::of('leg', 'Leg', Surface::free(0.25), 4, $top->substrate);
        $whole = Given::analyser()->analyse(
            \Inlaid\Core\Recipe\Recipe::of('Tables', Piece::of('Table', 3, [$top, $leg]), []),
            Given::context(),
        );
        self::assertSame([3.0, 3.0], array_map(static fn ($p): float => $p->area, (new DescribeParts())->describe($whole)));
        self::assertSame(6.0, Given::previewer()->preview($whole->recipe, Given::context())->area);
        self::assertSame($top, $whole->recipe->piece->largest(static fn (PiecePart $p): bool => true));
        self::assertSame(1.0, $leg->totalArea());
    }

    /** A quarter of 2 m², three times. */
    public function testAFieldIsOfAllPieces(): void
    {
        $field = Field::of('f', 'Filler', 0.25, drinks: 1.0);
        $part = PiecePart::of('m', 'M', Surface::free(2.0), 1, self::part()->substrate, fields: [$field]);
        $whole = Given::analyser()->analyse(
            \Inlaid\Core\Recipe\Recipe::of('Tables', Piece::of('Table', 3, [$part]), []),
            Given::context(),
        );
        self::assertSame(1.5, (new DescribeParts())->describe($whole)[0]->fields[0]->area);
    }

    /** By how much wood moves where it stands, and what is outdoors. */
    public function testPlaces(): void
    {
        self::assertSame(
            ['a dry room 4', 'a kitchen or bath 5', 'outdoors under a roof 6 outdoors', 'outdoors in the open 8 outdoors'],
            array_map(static fn (Place $p): string => $p->inWords().' '.$p->swing().($p->isOutdoors() ? ' outdoors' : ''), Place::cases()),
        );
        $free = Surface::free(0.25)->faces[Surface::WHOLE][1];
        self::assertSame([2.0, 1.0], [$free->edges, $free->recesses], 'a square of half a metre: all around, and half of that');
    }

    /** What bare wood drinks: by its kind and its last paper, as it was measured, and never less than a sealed ground. */
    public function testWhatBareWoodDrinks(): void
    {
        $of = static fn (PiecePart $p, ?int $grit = null): float => Origin::of($p)->drinks($grit);
        self::assertEqualsWithDelta(1.2, $of(self::part(), 180), 1e-9);
        self::assertEqualsWithDelta(1.2 * 1.1111, $of(self::part(), 120), 1e-3);
        self::assertEqualsWithDelta(1.0, $of(self::part(), 600), 1e-9, 'never less than nothing');
        self::assertEqualsWithDelta(1.2, $of(self::part()), 1e-9, 'as the survey says where nobody sands');
        self::assertEqualsWithDelta(2.0, $of(self::part(absorption: 2.0), 600), 1e-9, 'measured, it is as it is');
        self::assertEqualsWithDelta(2.0 / 1.2, Origin::of(self::part(absorption: 2.0))->thirst(), 1e-9);
        $repaired = self::part(FinishKind::Varnish, fields: [Field::of('a', 'Filler', 0.1, colour: Colour::of('#c9a877'), drinks: 1.0)]);
        $filler = Origin::of($repaired, 'whole.a');
        self::assertSame([1.0, '#c9a877', true], [$filler->drinks(null), $filler->substrate->colour->hex, $filler->finish->isBare()]);
        self::assertFalse(Origin::of($repaired, 'whole')->finish->isBare());
        $glass = PiecePart::of(
            'm',
            'M',
            Surface::free(1.0),
            1,
            Substrate::of(SubstrateKind::Metal, 'iron', Grain::None, Colour::of('#444444')),
        );
        self::assertSame(1.0, $of($glass, 80));
        self::assertTrue($glass->comesOff());
        self::assertFalse(self::part()->comesOff());
        self::assertSame(
            [1.2, 1.0, 2.0],
            [self::part()->drinks(), self::part(FinishKind::Varnish)->drinks(), self::part(absorption: 2.0)->drinks()],
        );
    }

    /** A day that is in no calendar is refused. */
    public function testADayOfFirstUse(): void
    {
        $refused = static fn (string $from): bool => null !== self::refusal(static fn () => new PieceUse(from: $from));
        self::assertSame([false, false, true, true, true, true, true], array_map($refused, [
            '2026-12-30', '2028-02-29', '2026-02-29', '2026-13-01', '30.12.2026', '2026-12-32', '26-12-30',
        ]));
    }

    /**
     * @param array<string, string> $tests
     * @param list<Fault>           $faults
     * @param list<Field>           $fields
     */
    private static function part(
        FinishKind $finish = FinishKind::Bare,
        array $tests = [],
        array $faults = [],
        array $fields = [],
        ?float $veneer = null,
        ?float $absorption = null,
    ): PiecePart {
        return PiecePart::of(
            id: 'p',
            name: 'Panel',
            surface: Surface::free(1.0),
            count: 1,
            substrate: Substrate::of(SubstrateKind::Solid, 'lime', Grain::Close, Colour::of('#e5d3b3'), $veneer),
            finish: new OldFinish($finish, FinishState::Sound),
            absorption: $absorption,
            faults: $faults,
            fields: $fields,
            tests: $tests,
        );
    }
}
