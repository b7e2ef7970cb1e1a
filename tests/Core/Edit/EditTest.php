<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Edit;

use Inlaid\App\Exchange\Catalogue\LoadMaterials;
use Inlaid\App\Exchange\Document\ReadMaterial;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\EditKind;
use Inlaid\Core\Edit\MaterialRequirement;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Edit\StepField;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Material\Residue;
use Inlaid\Core\Recipe\Criterion;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Rags;
use Inlaid\Core\Recipe\Repeat;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Recipe\Wiping;
use Inlaid\Core\Technique\Direction;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Tool;
use Inlaid\Tests\Core\Made;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What a fix asks the shelf for, and the changes it is made of.
 */
final class EditTest extends TestCase
{
    /**
     * @return iterable<string, array{string, \Closure(): MaterialRequirement}>
     */
    public static function requirements(): iterable
    {
        $all = [
            'cleaner' => static fn (): MaterialRequirement => MaterialRequirement::cleaner(),
            'water' => static fn (): MaterialRequirement => MaterialRequirement::water(),
            'grip primer' => static fn (): MaterialRequirement => MaterialRequirement::gripPrimer(),
            'blocker of tannin' => static fn (): MaterialRequirement => MaterialRequirement::blocker([Bleed::Tannin]),
            'blocker of resin' => static fn (): MaterialRequirement => MaterialRequirement::blocker([Bleed::Resin]),
            'blocker of both' => static fn (): MaterialRequirement => MaterialRequirement::blocker([Bleed::Resin, Bleed::Tannin]),
            'blocker of anything' => static fn (): MaterialRequirement => MaterialRequirement::blocker([]),
            'clear wax' => static fn (): MaterialRequirement => MaterialRequirement::clearWax(),
            'topcoat indoors' => static fn (): MaterialRequirement => MaterialRequirement::topcoat(false),
            'topcoat outdoors' => static fn (): MaterialRequirement => MaterialRequirement::topcoat(true),
            'filler' => static fn (): MaterialRequirement => MaterialRequirement::filler(),
            'conditioner' => static fn (): MaterialRequirement => MaterialRequirement::conditioner(),
            'bleach' => static fn (): MaterialRequirement => MaterialRequirement::bleach(),
            'stripper' => static fn (): MaterialRequirement => MaterialRequirement::stripper(),
        ];
        foreach (Residue::cases() as $residue) {
            $all['to take off with '.$residue->inWords()] = static fn (): MaterialRequirement => MaterialRequirement::toTakeOff($residue);
        }
        foreach ($all as $name => $asks) {
            yield $name => [$name, $asks];
        }
    }

    /**
     * Of everything in the catalogue, what would do.
     *
     * @param \Closure(): MaterialRequirement $asks
     */
    #[DataProvider('requirements')]
    public function testWhatTheShelfHasForIt(string $name, \Closure $asks): void
    {
        $shelf = (new LoadMaterials(\dirname(__DIR__, 3), new ReadMaterial()))->catalogue();
        Said::assertSame(__DIR__.'/needs.yaml', $name, implode(', ', array_keys(array_filter($shelf, $asks()->isMetBy(...)))));
    }

    /** A primer that grips nothing is none for a glossy ground; every other is taken for what it is asked for. */
    public function testAPrimerThatDoesNotGrip(): void
    {
        $primer = Made::material('p', MaterialKind::Primer, Carrier::Water);
        self::assertFalse($primer->grips);
        self::assertFalse(MaterialRequirement::gripPrimer()->isMetBy($primer));
        self::assertTrue(MaterialRequirement::blocker([])->isMetBy($primer));
        foreach (
            [
                'cleaner' => MaterialKind::Cleaner,
                'filler' => MaterialKind::Filler,
                'conditioner' => MaterialKind::Conditioner,
            ] as $asks => $kind
        ) {
            self::assertTrue(MaterialRequirement::$asks()->isMetBy(Made::material('m', $kind, Carrier::Water, '#808080')), $asks);
        }
        self::assertFalse(MaterialRequirement::clearWax()->isMetBy(Made::material('m', MaterialKind::Wax, Carrier::Solvent, '#808080')));
        self::assertTrue(MaterialRequirement::clearWax()->isMetBy(Made::material('m', MaterialKind::Wax, Carrier::Solvent)));
    }

    /** Each change names its field and says it as a document does. */
    public function testEachChangeNamesItsField(): void
    {
        $changes = [
            [StepChange::coats(3), StepField::Coats, 3],
            [StepChange::grit(240), StepField::Grit, 240],
            [StepChange::depth(42.5), StepField::Depth, 42.5],
            [StepChange::dwell(20), StepField::Dwell, 20],
            [StepChange::left(0.25), StepField::Left, 0.25],
            [StepChange::wiping(Wiping::Damp), StepField::Wiping, 'damp'],
            [StepChange::sections(2), StepField::Sections, 2],
            [StepChange::handsOn(15), StepField::HandsOn, 15],
            [StepChange::aim(SandingAim::ToBare), StepField::Aim, 'to-bare'],
            [StepChange::direction(Direction::Along), StepField::Direction, 'along'],
            [StepChange::tool(Tool::Pad), StepField::Tool, 'pad'],
            [StepChange::technique('waxed'), StepField::Technique, 'waxed'],
            [StepChange::weight(FilmWeight::Thin), StepField::Weight, 'thin'],
            [StepChange::hand(Hand::Heavy), StepField::Hand, 'heavy'],
            [StepChange::wait(WaitUntil::Cure), StepField::Wait, 'cure'],
            [StepChange::material('paint'), StepField::Material, 'paint'],
            [StepChange::masks(['a']), StepField::Masks, ['a']],
            [StepChange::parts(['a', 'b']), StepField::Parts, ['a', 'b']],
        ];
        foreach ($changes as [$change, $field, $value]) {
            self::assertSame([$field, $value], [$change->field, $change->value]);
        }
        self::assertCount(\count(StepField::cases()), $changes, 'every field can be changed');
    }

    public function testEditsSayWhatTheyDoAndWhere(): void
    {
        $step = new NewStep('Dust', 'dusted');
        $change = StepChange::coats(2);
        foreach ([
            [Edit::insert($step, 's1'), EditKind::Insert, null, 's1', []],
            [Edit::move('s2', null), EditKind::Move, 's2', null, []],
            [Edit::copy('s2', 's1'), EditKind::Copy, 's2', 's1', []],
            [Edit::change('s2', $change), EditKind::Change, 's2', null, []],
            [Edit::improvise('{}', 's3'), EditKind::Improvise, null, 's3', ['does' => '{}']],
            [Edit::otherwise('s2', '{}'), EditKind::Otherwise, 's2', null, ['does' => '{}']],
            [Edit::takeOut('s2'), EditKind::TakeOut, 's2', null, []],
            [Edit::cleanUp(rags: Rags::Flat), EditKind::CleanUp, null, null, ['rags' => Rags::Flat->value]],
            [Edit::cleanUp(without: 'alcohol'), EditKind::CleanUp, null, null, ['without' => 'alcohol']],
            [Edit::useFrom('2026-11-25'), EditKind::UseFrom, null, null, ['from' => '2026-11-25']],
            [Edit::leaveBare('j', 'moving'), EditKind::LeaveBare, 'j', null, ['side' => 'moving']],
            [Edit::shares('s2', ['1', '3']), EditKind::Shares, 's2', null, ['shares' => ['1', '3']]],
        ] as [$edit, $do, $of, $before, $set]) {
            self::assertSame([$do, $of, $before, $set], [$edit->do, $edit->step, $edit->before, $edit->set]);
        }
        self::assertSame([$step, [$change]], [Edit::insert($step, null)->new, Edit::change('s2', $change)->changes]);
        $ground = Edit::ground('oak', 'open', '#c8a06a', ['tannin'], 0.3);
        self::assertSame(
            ['species' => 'oak', 'grain' => 'open', 'colour' => '#c8a06a', 'bleeds' => ['tannin'], 'moves' => 0.3],
            $ground->set,
        );
    }

    /** On other parts a step is what it was. */
    public function testANewStepOnOtherParts(): void
    {
        $step = new NewStep(
            title: 'Strip',
            technique: 'stripped',
            uses: MaterialRequirement::stripper(),
            grit: 120,
            coats: 2,
            wait: WaitUntil::Overnight,
            purpose: Purpose::Edges,
            dwell: 20,
            repeat: Repeat::of(Criterion::Bare, 1, 3),
            aim: SandingAim::ToBare,
        );
        $there = $step->on(['top']);
        self::assertSame(['top'], $there->parts);
        self::assertEquals($step, $there->on([]));
        $clear = NewStep::topcoat(['top'], true, 2);
        self::assertSame(
            ['Clear topcoat', 'brushed', ['top'], 2, WaitUntil::Through, true, true],
            [$clear->title, $clear->technique, $clear->parts, $clear->coats, $clear->wait, $clear->uses?->clear, $clear->uses?->outdoors],
        );
        $plain = new NewStep('Dust', 'dusted');
        self::assertSame(
            [[], null, null, 1, WaitUntil::Nothing, Purpose::Functional],
            [$plain->parts, $plain->uses, $plain->grit, $plain->coats, $plain->wait, $plain->purpose],
        );
        self::assertSame(1, NewStep::topcoat([], false)->coats);
    }
}
