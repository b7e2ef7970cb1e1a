<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core;

use Brick\Math\BigRational;
use Inlaid\Core\Board\PatchTiming;
use Inlaid\Core\Board\StaggerPatches;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\CorrectByReference;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\FilmOptics;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Light;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\RecoverSpectrum;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Colour\Spectrum;
use Inlaid\Core\Colour\Spot;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Drying\PredictDrying;
use Inlaid\Core\Film\GritLadder;
use Inlaid\Core\Film\ShareIntoSections;
use Inlaid\Core\Film\WorkOutNeed;
use Inlaid\Core\Layout\Kind\Border;
use Inlaid\Core\Layout\Kind\Sheets;
use Inlaid\Core\Layout\Kind\Stripes;
use Inlaid\Core\Layout\Plane;
use Inlaid\Core\Layout\Seams;
use Inlaid\Core\Layout\Share;
use Inlaid\Core\Learn\LearnLook;
use Inlaid\Core\Learn\SeenPatch;
use Inlaid\Core\Look\WorkOutFit;
use Inlaid\Core\Look\WorkOutLook;
use Inlaid\Core\Material\Ambering;
use Inlaid\Core\Material\Dries;
use Inlaid\Core\Material\Handling;
use Inlaid\Core\Material\StatedTimes;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\ReadQuantity;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Optics\Colourant;
use Inlaid\Core\Optics\ColourantKind;
use Inlaid\Core\Optics\SolveScattering;
use Inlaid\Core\Piece\DecideFinish;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Joint;
use Inlaid\Core\Piece\JointKind;
use Inlaid\Core\Piece\JointSide;
use Inlaid\Core\Piece\OldFinish;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\PieceUse;
use Inlaid\Core\Piece\Place;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\Drying;
use Inlaid\Core\Planning\HoursOfDay;
use Inlaid\Core\Planning\Minutes;
use Inlaid\Core\Planning\PlacedWork;
use Inlaid\Core\Planning\PlanWorks;
use Inlaid\Core\Planning\Pot;
use Inlaid\Core\Planning\Precedence;
use Inlaid\Core\Planning\Work;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Run\LearnFactor;
use Inlaid\Core\Run\Observed;
use Inlaid\Core\Stock\Account;
use Inlaid\Core\Stock\Balance;
use Inlaid\Core\Stock\Move;
use Inlaid\Core\Surface\FilmOf;
use Inlaid\Core\Surface\Ground;
use Inlaid\Core\Surface\LaidFilm;
use Inlaid\Core\Surface\Origin;
use Inlaid\Core\Surface\Patch;
use Inlaid\Core\Surface\SurfaceStep;
use Inlaid\Core\Surface\WorkOnZone;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Kind\BrushedFull;
use Inlaid\Core\Technique\Kind\GlazedAndWiped;
use Inlaid\Core\Technique\Kind\WashedAndWiped;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\Cost;
use Inlaid\Core\Work\MaskParts;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutSteps;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The worked examples of the model pages, calculated again: page and code cannot drift apart.
 */
final class ModelPagesTest extends TestCase
{
    /**
     * By page and what is worked out: the words of the page with the numbers left open, and the numbers.
     *
     * @return iterable<string, array{string, string, list<float|string>}>
     */
    public static function examples(): iterable
    {
        yield 'colour, ΔE' => [
            'colour',
            '(50, 2.6772, −79.7751) against (50, 0, −82.7485): ΔE %.4f.',
            [DeltaE2000::between(new Lab(50, 2.6772, -79.7751), new Lab(50, 0, -82.7485))],
        ];
        $film = FilmOptics::of(Optics::of(array_fill(0, 36, 0.0), array_fill(0, 36, 1.0)), 1.5);
        $over = static fn (float $ground): float => $film->over(Spectrum::even($ground))->bands[0];
        yield 'colour, films' => [
            'colour',
            'K = 0, S·X = 1.5: %.1f over black, two such %.2f, over one half %s.',
            [
                $over(0.0),
                $film->over($film->over(Spectrum::even(0.0)))->bands[0],
                abs($over(0.5) - 5 / 7) < 1e-12 ? '5/7' : (string) $over(0.5),
            ],
        ];

        [$matt, $recover] = [FirstSurface::of(Sheen::Matt), new RecoverSpectrum()];
        $inside = static fn (string $hex): Spectrum => $matt->inside($recover->recover(Colour::of($hex)));
        $blue = (new SolveScattering())->byHiding(inside: $inside('#224466'), surface: $matt, wet: 1000 / 12, hiding: 0.97);
        yield 'colour, a thinned dark blue' => [
            'colour',
            '#224466 that hides 97 %%, thinned 1 : 3 over cream #eadfc4, is %s.',
            [$matt->observed(FilmOptics::of($blue->times(0.25), 1000 / 12)->over($inside('#eadfc4')))->light()->colour()->hex],
        ];

        $bare = Ground::bare(FirstSurface::of(Sheen::Chalky)->observed(Spectrum::even(0.4)));
        $ks = static fn (Ground $g): float => (1 - $g->inside->bands[0]) ** 2 / (2 * $g->inside->bands[0]);
        yield 'look, wetting' => [
            'look',
            'bare wood of R 0.4 inside has K ÷ S %.2f; wetted %.2f; R %.3f.',
            [$ks($bare), $ks($bare->wetted(1.0)), $bare->wetted(1.0)->inside->bands[0]],
        ];
        $most = Ambering::Strong->perMicrometre();
        $yellow = static fn (float $years): float => Optics::clear()->yellowed($most, $years)->absorption[0] / $most;
        yield 'look, ambering' => ['look', 'after 1 year %.3f of it, after 5 years %.3f.', [$yellow(1.0), $yellow(5.0)]];
        yield 'look, ambering in the end' => [
            'look',
            'finally %s (slight) or %s (strong) per µm',
            [(string) Ambering::Slight->perMicrometre(), (string) $most],
        ];
        yield 'look, relief' => [
            'look',
            'at h 0.6 a glaze is %.1f as thick, at −0.6 it is %.1f.',
            [self::glazeAt(0.6, $bare) / self::glazeAt(0.0, $bare), self::glazeAt(-0.6, $bare) / self::glazeAt(0.0, $bare)],
        ];

        $dye = new Colourant(ColourantKind::Dye, Optics::clear(), null, null, 0.0, 80.0);
        $taken = static function (int $floodings) use ($bare, $dye): float {
            $patch = self::patch($bare)->with(new LaidFilm('d', $dye, 20.0 * $floodings, 0.1));

            return $patch->films[0]->wet;
        };
        yield 'surface, dyes' => ['surface', 'three floodings give %.0f %% of the dye of one.', [100 * $taken(3) / $taken(1)]];
        yield 'surface, wiping' => [
            'surface',
            'a glaze wiped on bare wood leaves %.0f %% of what it leaves on a closed ground.',
            [100 * self::glazeAt(0.0, $bare) / self::glazeAt(0.0, Ground::closed(Spectrum::even(0.4)))],
        ];

        yield 'drying' => [
            'drying',
            'At 12 °C and 70 %% RH a normal water-based coat takes %.3f ÷ %.3f = %.2f times its label time.',
            [
                Climate::reference()->vapourPressureDeficit(),
                Climate::of(12.0, 70.0)->vapourPressureDeficit(),
                (new PredictDrying())->factor(Dries::LosingWater, Climate::of(12.0, 70.0), 1.0),
            ],
        ];
        [$first, $second] = (new WorkOutNeed())->need([[2.0, 1.2]], 100.0, 2, (new BrushedFull())->profile());
        yield 'film' => [
            'film',
            '%.0f ml applied, %.1f poured; the second coat %.0f applied, %.1f poured.',
            [$first->laid, $first->poured->toFloat(), $second->laid, $second->poured->toFloat()],
        ];
        yield 'measure' => [
            'measure',
            '`1½ cup` in US measures = 3/2 × 236.5882365 = %s ml.',
            [(string) (new ReadQuantity(UnitSystem::US))->read('1½ cup')->amount->toScale(8)],
        ];
        $leaves = (new FlattenMix())->flatten(Mixture::of(
            'M',
            Basis::ByVolume,
            [Part::of(BigRational::one(), Given::powder()), Part::of(BigRational::one(), Given::water())],
        ))->leaves;
        yield 'mixing' => [
            'mixing',
            '0.8 g fill %s ml, so %s ml come of 2',
            [
                (string) BigRational::of('0.8')->dividedBy('2.4')->simplified(),
                (string) BigRational::one()->dividedBy($leaves[0]->volume)->simplified(),
            ],
        ];
        $wash = (new WashedAndWiped())->profile();
        [$patches] = (new WorkOutNeed())->need([[0.01, 1.2], [0.01, 1.2]], 100.0, 1, $wash);
        yield 'boards, a pot' => [
            'boards',
            'absorbency 1.2: 2 × 1.2 ÷ 0.9 + 8 ÷ 4 = %.2f, so',
            [$patches->laid / (1 - $wash->loss) + $wash->holdUp / 4],
        ];
        [$bare, $gold] = self::hands();
        yield 'minutes' => [
            'minutes',
            'to set up and 0.35 to handle: %d. Gold on 2.7 m of edges: 0.5 + 0.35 + 2.7 ÷ 1.5 = 2.65, so %d min.',
            [(string) $bare, (string) $gold],
        ];
        $sections = (new ShareIntoSections())->share(area: 1.0, lay: 20.0, work: 10.0, dwell: 0, open: 8);
        yield 'film, sections' => [
            'film',
            '20 min to apply, so %d sections; %d with a helper.',
            [(string) $sections->count, (string) $sections->withHelper],
        ];
        yield 'film, sanding' => ['film', '2 × 40 + 2 × 40 × 82 ÷ 125 = %.1f µm,', [self::sanded()]];
        yield 'look, learned' => ['look', '6 × 5² ÷ (5² + 2.5²) = %.1f, ±', [self::learned()]];
        $corrected = (new CorrectByReference())->correct(
            new Spot(new Light(0.5, 0.25, 0.125), 0.0),
            new Spot(new Light(0.36, 0.18, 0.09), 0.0),
            0.18,
        );
        yield 'colour, a card' => ['colour', 'and patch 0.5, 0.25, 0.125 make 0.25 each, %s.', [$corrected->colour->hex]];
        $staggered = (new StaggerPatches())->stagger([
            PatchTiming::of(20, 60, 30),
            PatchTiming::of(20, 120, 30),
            PatchTiming::of(20, 240, 30),
        ]);
        yield 'boards, staggering' => [
            'boards',
            '20 s to apply and 30 to wipe, dwell 60, 120 and 240 s: applied at %d, %d and %d, all wiped after %d s, the longest patch.',
            [...array_map(strval(...), $staggered->starts), (string) $staggered->length],
        ];
        yield 'masking' => [
            'masking',
            '2 × 1.7 m × 1.1 = %s m of tape, %s m² of sheet, 3.74 ÷ 1.5 + 0.561 ÷ 0.5 = 3.6, so %d min.',
            self::masked(),
        ];
        yield 'piece, tests' => [
            'piece',
            'shellac 0.18 × 0.96 ÷ 0.2342 = %.1f %%.',
            [100 * (new DecideFinish())->decide(FinishKind::Unknown, ['alcohol' => 'softens'])[0]->probability],
        ];
        yield 'piece, fit' => ['piece', 'swells 200 × 0.25 %% × 4 ÷ 2 = %s mm a gap; of 1.6 mm are left %s,', self::drawer()];
        yield 'planning' => ['planning', 'recoat after 2 h: %s and %s;', self::twoCoats()];
        yield 'a pot that slakes' => [
            'planning',
            'mixed Monday %s: applied at %s; the second coat is mixed Tuesday %s and applied at %s.',
            self::slaked(),
        ];
        yield 'a cold place' => ['planning', 'is applied between %s and %s.', self::warmHours()];
        $pace = (new LearnFactor())->learn([new Observed('brushed', 10.0, 20.0, 0)])['brushed'];
        yield 'planning, pace' => [
            'planning',
            'one task that took twice as long: %.2f times, nine times in ten %.2f to %.2f.',
            [$pace->factor, $pace->low, $pace->high],
        ];
        $noon = (new \DateTimeImmutable('2026-11-23 12:00', new \DateTimeZone('UTC')))->getTimestamp();
        $dried = (new Drying(
            360,
            [...array_fill(0, 8, null), ...array_fill(0, 12, 1.0), ...array_fill(0, 4, null)],
            new \DateTimeZone('UTC'),
        ))->over(
            $noon,
            new Calendar(WorkingTime::of('UTC', array_fill(1, 5, [[480, 1020]])), $noon),
        );
        yield 'planning, by day' => ['planning', "at the label's pace and not at night: over at %s.", [gmdate('H:i', $dried)]];
        yield 'prep' => ['prep', 'strip, rinse twice, %s, dust.', [implode(', ', array_map(strval(...), GritLadder::from(120, 180)))]];
        yield 'prep, no gap' => ['prep', 'the mean particle (P scale) is at most %s times smaller', [self::largestStep()]];
        yield 'stock' => ['stock', 'shelf %s, pot %s, used %s, discarded %s g of paint.', self::booked()];
        $stripes = Stripes::of(50, 40, false, Share::EndsInGaps)->on(Plane::of(600, 400));
        yield 'layout, stripes' => [
            'layout',
            'a gap at both ends of 600 mm: six leave %.1f mm, seven 31.3; so %s.',
            [$stripes->along[0], [6 => 'six', 7 => 'seven'][\count($stripes->blocks)] ?? 'another'],
        ];
        $border = Border::of([[20.0, 6.0]])->on(Plane::of(600, 400));
        yield 'layout, a border' => [
            'layout',
            'outside 560 × 360, inside 548 × 348; %.3f m; %.1f %% covered.',
            [$border->tape, 100 * $border->covers],
        ];
        $sheets = Sheets::of(200, 450, 5, null, true, Seams::Balanced)->on(Plane::of(600, 400));
        yield 'layout, sheets' => [
            'layout',
            'sheets of 200 mm lapping 5 over 600 mm: %s, the outer two %.1f mm.',
            [[4 => 'four'][\count($sheets->blocks)] ?? 'another number', $sheets->blocks[0]->length],
        ];
        $cost = Cost::of(6.90, 60, 42.0);
        yield 'cost' => ['cost', '3.38 m² glazed in 60 min at 42 an hour with 6.90 of glaze: %.2f;', [$cost->whole ?? 0.0]];
    }

    /**
     * @param list<float|string> $numbers
     */
    #[DataProvider('examples')]
    public function testTheExampleIsWhatComesOut(string $page, string $words, array $numbers): void
    {
        $text = (string) preg_replace(
            '~\s+~',
            ' ',
            strtr((string) file_get_contents(\dirname(__DIR__, 2)."/docs/models/$page.md"), ['\*' => '*']),
        );
        self::assertStringContainsString(vsprintf($words, $numbers), $text);
    }

    /** µm that two passes by machine with 120 and two with 180 take off. */
    /**
     * @return array{int, int} minutes to bare a varnished top, and to gild the edges of another
     */
    private static function hands(): array
    {
        $part = static fn (float $length, float $width, FinishKind $finish): PiecePart => PiecePart::of('p', 'P', Surface::of(
            Given::shapes()->named('top'),
            ['length' => $length, 'width' => $width, 'thickness' => 22],
            ['face'],
        ), 1, Substrate::of(SubstrateKind::Solid, 'maple', Grain::Close, Colour::of('#e0c9a0')), new OldFinish($finish));
        $minutes = static fn (PiecePart $on, string $technique, StepDetail $detail): int => (new WorkOutSteps())->workOut(
            Recipe::of('T', Piece::of('T', 1, [$on]), [Step::of(
                's',
                '',
                Given::techniques()->named($technique),
                Intent::of(Purpose::Functional),
                [],
                'gilded' === $technique ? Given::paint() : null,
                1,
                $detail,
                WaitRule::of(WaitUntil::Nothing),
            )]),
            Climate::reference(),
            Given::practices()->habits([], []),
        )[0]->hands->minutes;

        return [
            $minutes(
                $part(1500, 1000, FinishKind::Varnish),
                'sanded',
                StepDetail::of(grit: 80, tool: Tool::Machine, aim: SandingAim::ToBare),
            ),
            $minutes($part(900, 450, FinishKind::Bare), 'gilded', StepDetail::of()),
        ];
    }

    private static function sanded(): float
    {
        $piece = Piece::of(
            'Table',
            1,
            [PiecePart::of(
                'p',
                'P',
                Surface::free(1.0),
                1,
                Substrate::of(SubstrateKind::Solid, 'beech', Grain::Close, Colour::of('#e0c9a0')),
            )],
        );
        $step = static fn (int $grit): Step => Step::of(
            "s$grit",
            '',
            Given::techniques()->named('sanded'),
            Intent::of(Purpose::Functional),
            [],
            null,
            1,
            StepDetail::of(grit: $grit, tool: Tool::Machine),
            WaitRule::of(WaitUntil::Nothing),
        );
        $works = (new WorkOutSteps())->workOut(
            Recipe::of('T', $piece, [$step(120), $step(180)]),
            Climate::reference(),
            Given::practices()->habits([], []),
        );

        return array_sum(array_map(static fn (StepCalculation $w): float => $w->removes(), $works));
    }

    /** By how much one reading 6 lighter than stated moves the L* of a film that hides. */
    private static function learned(): float
    {
        $piece = Piece::of(
            'Table',
            1,
            [PiecePart::of(
                'p',
                'P',
                Surface::free(1.0),
                1,
                Substrate::of(SubstrateKind::Solid, 'beech', Grain::Close, Colour::of('#e0c9a0')),
            )],
        );
        $step = Step::of(
            's',
            '',
            Given::techniques()->named('brushed'),
            Intent::of(Purpose::Hide),
            [],
            Given::paint(),
            12,
            StepDetail::of(),
            WaitRule::of(WaitUntil::Recoat),
        );
        $works = (new WorkOutSteps())->workOut(Recipe::of('T', $piece, [$step]), Climate::reference(), Given::practices()->habits([], []));
        $stated = Lab::ofLight((new WorkOutLook())->look($piece->parts[0], $works)->end(Zone::Field)->mean());
        $learned = (new LearnLook())->learn(
            Given::paint(),
            [new SeenPatch('B', 'A1', $piece->parts[0], $works, new Lab($stated->l + 6, $stated->a, $stated->b))],
        )->learned;

        return null === $learned ? 0.0 : Lab::of($learned->colour)->l - Lab::of(Colour::of('#5b6b73'))->l;
    }

    /**
     * @return list<string> m of tape, m² of sheet, minutes: a top of 1,200 × 500 mm kept clean while legs are brushed
     */
    private static function masked(): array
    {
        $part = static fn (string $id, string $shape, array $size): PiecePart => PiecePart::of(
            $id,
            $id,
            Surface::of(Given::shapes()->named($shape), $size, ['face']),
            1,
            Substrate::of(SubstrateKind::Solid, 'beech', Grain::Close, Colour::of('#e0c9a0')),
        );
        $piece = Piece::of(
            'Table',
            1,
            [
                $part('top', 'top', ['length' => 1200.0, 'width' => 500.0, 'thickness' => 22.0]),
                $part('back', 'back', ['length' => 1000.0, 'width' => 400.0, 'thickness' => 10.0]),
            ],
        );
        $step = Step::of(
            's',
            '',
            Given::techniques()->named('brushed'),
            Intent::of(Purpose::Hide),
            ['back'],
            Given::paint(),
            1,
            StepDetail::of(masks: ['top']),
            WaitRule::of(WaitUntil::Recoat),
        );
        $masking = (new MaskParts())->mask(Recipe::of('T', $piece, [$step]), 0);
        \assert(null !== $masking);

        return [\sprintf('%.2F', $masking->tape), \sprintf('%.3F', $masking->sheet), (string) $masking->minutes];
    }

    /**
     * @return list<string> mm by which a drawer swells, and what is left of its gap
     */
    private static function drawer(): array
    {
        $part = static fn (string $id): PiecePart => PiecePart::of(
            $id,
            $id,
            Surface::free(0.1),
            1,
            Substrate::of(SubstrateKind::Solid, 'beech', Grain::Close, Colour::of('#e0c9a0')),
        );
        $joint = Joint::of(
            'j',
            'Drawer',
            JointKind::Drawer,
            new JointSide('drawer', Surface::WHOLE, true),
            new JointSide('frame', Surface::WHOLE, true),
            1.6,
            0.3,
            200.0,
        );
        $step = Step::of(
            's',
            '',
            Given::techniques()->named('rested'),
            Intent::of(Purpose::Functional),
            [],
            null,
            1,
            StepDetail::of(),
            WaitRule::of(WaitUntil::Nothing),
        );
        $fit = (new WorkOutFit())->fit(
            Recipe::of('T', Piece::of('Table', 1, [$part('drawer'), $part('frame')], [$joint], new PieceUse(Place::Dry)), [$step]),
            [],
            [],
            [],
            new \DateTimeZone('UTC'),
        )[0];

        return [(string) $fit->swelling, (string) $fit->left];
    }

    /**
     * @return list<string> when two coats of 17 min begin on a Monday
     */
    private static function twoCoats(): array
    {
        $monday = new \DateTimeImmutable('2026-11-23 08:00', new \DateTimeZone('UTC'));
        $first = new Work('p/1', 'p', 17, pot: new Pot('paint', 5));
        $second = new Work('p/2', 'p', 17, [new Precedence('p/1', new Minutes(120))], pot: new Pot('paint', 5));
        $calendar = new Calendar(WorkingTime::of('UTC', array_fill(1, 5, [[480, 1020]])), $monday->getTimestamp());
        $plan = (new PlanWorks())->plan([$first, $second], [$calendar], $monday->getTimestamp(), [], static fn (): bool => false);

        return array_map(static fn (PlacedWork $p): string => gmdate('H:i', $p->start()), $plan->placed ?? []);
    }

    /**
     * @return list<string> when two coats are mixed and applied that begin on a Monday at half past three
     */
    private static function slaked(): array
    {
        $monday = new \DateTimeImmutable('2026-11-23 15:30', new \DateTimeZone('UTC'));
        $pot = new Pot('milk paint', 5, slake: 15, life: 480);
        $calendar = new Calendar(WorkingTime::of('UTC', array_fill(1, 5, [[480, 1020]])), $monday->getTimestamp());
        $plan = (new PlanWorks())->plan(
            [
                new Work('p/1', 'p', 20, last: new Minutes(60), pot: $pot),
                new Work('p/2', 'p', 20, [new Precedence('p/1', new Minutes(60))], pot: $pot),
            ],
            [$calendar],
            $monday->getTimestamp(),
            [],
            static fn (): bool => false,
        );
        $times = [];
        foreach ($plan->placed ?? [] as $placed) {
            array_push($times, gmdate('H:i', $placed->start()), gmdate('H:i', $placed->begins()));
        }

        return $times;
    }

    /**
     * @return list<string>
     */
    private static function warmHours(): array
    {
        $shed = DayCurve::between(1, 12, 45);
        $paint = Handling::of(Dries::LosingWater, StatedTimes::of(60, 360, null, 1440, 20160), 8, null, false, 8.0);
        $hours = array_map(static fn (Climate $c): bool => (new PredictDrying())->canBeLaid($paint, $c), $shed->hours);

        return explode(' to ', (new HoursOfDay($hours, new \DateTimeZone('UTC')))->inWords());
    }

    /** Between which ratio of particles and which a gap begins, to hundredths: of all pairs of papers the largest that is none. */
    private static function largestStep(): string
    {
        $ratios = [];
        foreach ([40, 60, 80, 100, 120, 150, 180, 220, 240, 320, 400] as $from) {
            foreach ([60, 80, 100, 120, 150, 180, 220, 240, 320, 400] as $to) {
                $ratio = GritLadder::particle($from) / GritLadder::particle($to);
                $to > $from && !GritLadder::isGap($from, $to) && $ratios[] = $ratio;
            }
        }

        return [] !== $ratios && max($ratios) <= 2.05 && max($ratios) > 1.9 ? '2.05' : 'another number of';
    }

    /**
     * @return list<string> paint on the shelf, in the pot, used and thrown away, g
     */
    private static function booked(): array
    {
        [$shelf, $pot] = [Account::shelf(), Account::pot('one')];
        $balance = Balance::of()->after(Move::of('paint', BigRational::of(300), Account::bought(), $shelf));
        $balance = $balance->after(...$balance->fill($pot, ['paint' => BigRational::of(100), 'water' => BigRational::of(300)]));
        $balance = $balance->after(...$balance->draw($pot, BigRational::of('1/2'), Account::used()));
        $balance = $balance->after(...$balance->draw($pot, BigRational::of('1/4'), Account::thrown()));

        return array_map(
            static fn (Account $a): string => ExactNumber::plain($balance->grams($a, 'paint')->toFloat()),
            [$shelf, $pot, Account::used(), Account::thrown()],
        );
    }

    private static function patch(Ground $bare): Patch
    {
        return Patch::whole(new Origin(Substrate::of(SubstrateKind::Solid, 'oak', Grain::Open, Colour::of('#bd9660'))), $bare, 0.0, $bare);
    }

    /** µm of a wiped glaze at a height, on a ground. */
    private static function glazeAt(float $height, Ground $ground): float
    {
        $glazed = new GlazedAndWiped();
        $step = new SurfaceStep(
            id: 'g',
            effect: $glazed->profile()->effect,
            pattern: $glazed->pattern(new Workmanship()),
            rounds: 1,
            film: new FilmOf('g', new Colourant(ColourantKind::Film, Optics::clear(), null, Sheen::Satin, 0.0, 80.0), 1.0, 0.3),
            depth: 0.0,
            way: '',
            wipedOn: $glazed->profile()->wipedOn,
        );
        $state = new ZoneState([self::patch($ground)->standing($height)]);

        return WorkOnZone::to($state, $step, Zone::Recess)->patches[0]->films[0]->wet;
    }
}
