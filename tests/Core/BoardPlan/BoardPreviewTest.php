<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\BoardPlan;

use Brick\Math\BigRational;
use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Board\Axis;
use Inlaid\Core\Board\Board;
use Inlaid\Core\Board\Choices;
use Inlaid\Core\Board\Hands;
use Inlaid\Core\Board\Kind\Coats;
use Inlaid\Core\Board\Kind\ColourFraction;
use Inlaid\Core\Board\LayOut;
use Inlaid\Core\Board\Patch;
use Inlaid\Core\BoardPlan\BoardPot;
use Inlaid\Core\BoardPlan\BoardPreview;
use Inlaid\Core\BoardPlan\BoardRound;
use Inlaid\Core\BoardPlan\CheckBoard;
use Inlaid\Core\BoardPlan\PatchFace;
use Inlaid\Core\BoardPlan\PreviewBoard;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Look\WorkOutLook;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\StatedTimes;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\MeasureAtHand;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Mixing\Vessel;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Work\WorkOutSteps;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\TestCase;

/**
 * A board worked out: the pots its patches share, and its rounds by the clock.
 */
final class BoardPreviewTest extends TestCase
{
    use Randomly;

    /** A patch of 0.01 m²: a wash of so much colour, so many coats, left so long; then a wax. */
    private static function recipe(BigRational $colour, int $coats, int $dwell, Material $paint, float $area = 0.01): Recipe
    {
        $part = PiecePart::of(
            'patch',
            'Patch',
            Surface::free($area),
            1,
            Substrate::of(SubstrateKind::Solid, 'lime', Grain::Close, Colour::of('#ddccaa')),
            absorption: 1.2,
        );
        $mix = Mixture::of(
            'Wash',
            Basis::ByVolume,
            [Part::of($colour, $paint), Part::of(BigRational::one()->minus($colour), Given::water())],
        );
        $step = static fn (string $id, string $technique, Material|Mixture $uses, int $coats, ?int $dwell): Step => Step::of(
            $id,
            '',
            Given::techniques()->named($technique),
            Intent::of(Purpose::Functional),
            [],
            $uses,
            $coats,
            StepDetail::of(dwell: $dwell),
            WaitRule::of(WaitUntil::Recoat),
        );

        return Recipe::of(
            'Board',
            Piece::of('Board', 1, [$part]),
            [$step('wash', 'washed-wiped', $mix, $coats, $dwell), $step('top', 'brushed', Given::paint('top'), 1, null)],
        );
    }

    /**
     * @param list<string> $fractions of colour, by column
     * @param list<int>    $coats     by row
     */
    private static function board(array $fractions, array $coats, int $dwell, Material $paint, Hands $hands = Hands::One): Board
    {
        $base = self::recipe(ExactNumber::parse($fractions[0]), $coats[0], $dwell, $paint);
        $choices = new Choices($base, [], [], Given::techniques());
        $columns = Axis::of(new ColourFraction(), $base->steps[0], $fractions, $choices);
        $rows = Axis::of(new Coats(), $base->steps[0], array_map(strval(...), $coats), $choices);
        $patches = [];
        foreach ((new LayOut())->cells($columns, $rows) as $cell) {
            $patches[] = new Patch(
                $cell,
                self::recipe(ExactNumber::parse($fractions[(int) $cell->column]), $coats[(int) $cell->row], $dwell, $paint),
            );
        }

        return Board::of('Board', 100, 100, $columns, $rows, $patches, $hands);
    }

    /**
     * @param list<array{int, int}> $hours
     */
    private static function workOut(Board $board, array $hours = [[0, 1440]]): BoardPreview
    {
        $measures = [
            MeasureAtHand::of('syringe', BigRational::of('1/2'), BigRational::of(20)),
            MeasureAtHand::of('teaspoon', BigRational::of(5), BigRational::of(5)),
        ];
        $context = new Context(
            1_764_054_000,
            WorkingTime::of('UTC', array_fill(1, 7, $hours)),
            Climate::reference(),
            UnitSystem::Metric,
            $measures,
            [Vessel::cup('Cup', 60, 80, 110)],
            BigRational::of('0.05'),
            BigRational::of('1/50'),
        );

        return (new PreviewBoard(Given::practices()))->preview($board, $context);
    }

    /**
     * Two patches of 0.01 m² at 10 m²/L: 100 µm, so 1 ml each and 1.2 on the bare wood; of what is taken a tenth is lost, and a quarter of
     * 8 ml stays in the brush:
     * 2 × 1.2 ÷ 0.9 + 2 = 4.667, rounded up to 4.7 ml. Half paint and half water with half-millilitres: 2.5 and 2.5. The top coat lies on
     * sealed ground: 2 × 1 ÷ 0.95 + 2 = 4.105, 4.2 ml.
     */
    public function testPatchesShareAPot(): void
    {
        $found = self::workOut(self::board(['1/2'], [1], 3, Given::paint()));
        self::assertSame([['Wash', '3.4', ['A1']], ['Top', '3.1', ['A1']]], self::pots($found), '1.2 ÷ 0.9 + 2 and 1 ÷ 0.95 + 2');
        $two = self::workOut(Board::of('Board', 100, 100, ...self::twice(self::board(['1/2'], [1], 3, Given::paint()))));
        self::assertSame([['Wash', '4.7', ['A1', 'B1']], ['Top', '4.2', ['A1', 'B1']]], self::pots($two));
        self::assertSame(
            ['5', ['2.5', '2.5']],
            [
                $two->pots[0]->batch?->yield->exact,
                array_map(static fn ($l): string => $l->amount->exact, $two->pots[0]->batch->lines ?? []),
            ],
        );
        self::assertSame([Severity::Advise, ['A1', 'B1']], [$two->remarks[0]->severity, $two->remarks[0]->patches], 'the same twice');
    }

    /**
     * What a pot leaves over goes into the next: a strong wash first, then it is thinned.
     */
    public function testALeftoverGoesIntoTheNextPot(): void
    {
        $found = self::workOut(self::board(['1/3', '1/6'], [1], 3, Given::paint('paint', '1.3', 9.0)));
        self::assertSame(
            [null, 1, null],
            array_map(static fn (BoardPot $p): ?int => $p->fromPot, $found->pots),
            (string) json_encode($found->pots),
        );
        self::assertSame(['Water'], array_map(static fn ($l): string => $l->name, \array_slice($found->pots[1]->add, -1)));
    }

    /**
     * Every pot is enough, its ratio within the tolerance; what is taken from the shelf is what goes into the pots; every patch is laid
     * from the pot of its mix; nothing comes before its wait
     * is over, two rounds never meet, and what comes too late is said.
     */
    public function testPotsAndRoundsHold(): void
    {
        $this->manyTimes(40, function (): void {
            $times = StatedTimes::of(30, 60 * $this->int(1, 6), 0 === $this->int(0, 1) ? null : 60 * $this->int(7, 40), 2880, 30240);
            $paint = Given::paint('paint', '1.3', 9.0, $times, 15, 0 === $this->int(0, 2) ? 180 : null);
            $fractions = \array_slice(['1/2', '1/3', '1/4', '1/6', '2/5', '1/8'], $this->int(0, 3), $this->int(1, 3));
            $coats = \array_slice([1, 2, 3], $this->int(0, 1), $this->int(1, 2));
            $board = self::board($fractions, $coats, $this->int(0, 12), $paint, Hands::cases()[$this->int(0, 1)]);
            $found = self::workOut($board, [[480, 720], [780, 1080]]);
            $this->potsHold($found, $board);
            $this->roundsHold($found, $times);
        });
    }

    private function potsHold(BoardPreview $found, Board $board): void
    {
        $taken = [];
        $left = [];
        foreach ($found->pots as $pot) {
            $lines = null === $pot->fromPot ? $pot->batch->lines ?? [] : $pot->add;
            $straight = null === $pot->fromPot && null === $pot->batch;
            $in = $straight
                ? $pot->need->ml
                : array_sum(array_map(static fn ($l): float => $l->amount->ml, $lines)) + ($pot->fromAmount->ml ?? 0.0);
            self::assertEqualsWithDelta($in, $pot->need->ml + ($pot->left->ml ?? 0.0), 0.001, 'what goes in is needed or left');
            if (null !== $pot->fromPot) {
                self::assertEqualsWithDelta($left[$pot->fromPot], $pot->fromAmount?->ml, 0.001, 'all that was left of it');
                unset($left[$pot->fromPot]);
            }
            $left[$pot->number] = $pot->left->ml ?? 0.0;
            foreach ($straight ? [] : $lines as $line) {
                $taken[$line->materialId] = ($taken[$line->materialId] ?? 0.0) + $line->amount->ml;
            }
            self::assertLessThanOrEqual(0.02, $pot->batch->error ?? 0.0);
        }
        foreach ($found->materials as $line) {
            self::assertEqualsWithDelta($taken[$line->materialId] ?? $line->amount->ml, $line->amount->ml, 0.001, $line->name);
        }
        foreach ($found->rounds as $round) {
            foreach ($round->turns as $turn) {
                $pot = array_values(array_filter($found->pots, static fn (BoardPot $p): bool => $p->number === $turn->pot))[0] ?? null;
                self::assertNotNull($pot);
                self::assertContains($turn->patch, $pot->patches);
                self::assertContains($round->number, $pot->rounds);
                self::assertSame(
                    'wash' === $round->stepId ? 60 * ($board->patches[0]->recipe->steps[0]->detail->dwell ?? 0) : 0,
                    ($turn->wipe ?? $turn->laid) - $turn->laid,
                );
            }
        }
    }

    private function roundsHold(BoardPreview $found, StatedTimes $times): void
    {
        $end = $next = $closes = [];
        $last = 0;
        $late = array_merge(
            [],
            ...array_map(static fn ($r): array => str_contains($r->text, 'after the recoat window') ? $r->patches : [], $found->remarks),
        );
        foreach ($found->rounds as $round) {
            [$from, $to] = [(int) strtotime((string) $round->start), (int) strtotime((string) $round->end)];
            self::assertGreaterThanOrEqual($last, $from, 'two rounds at once');
            self::assertSame((int) gmdate('Ymd', $from), (int) gmdate('Ymd', $to));
            $hour = (int) gmdate('G', $from);
            self::assertTrue($hour >= 8 && $hour < 18 && 12 !== $hour, 'in the hours');
            foreach ($round->turns as $turn) {
                self::assertGreaterThanOrEqual($next[$turn->patch] ?? 0, $from, 'a wait cut short');
                if (isset($closes[$turn->patch]) && $from > $closes[$turn->patch]) {
                    self::assertContains($turn->patch, $late, 'too late, and not a word of it');
                }
                $next[$turn->patch] = $to + ('wash' === $round->stepId ? 60 * $times->recoat : 0);
                $closes[$turn->patch] = 'wash' === $round->stepId && null !== $times->recoatMost
                    ? $to + 60 * $times->recoatMost
                    : \PHP_INT_MAX;
            }
            $last = $to;
        }
    }

    /**
     * Three patches left for 600 min, laid 15 s apart: the last is wiped from 36,045 to 36,060 s, so 601 min, which no day of 240 has. A
     * pot that lasts 12 min is over before 13 min of dwell are.
     */
    public function testWhatCannotBeDoneByOnePairOfHandsIsSaid(): void
    {
        $quick = Given::paint('paint', '1.3', 9.0, null, 15, 12);
        $found = self::workOut(self::board(['1/2'], [1, 2, 3], 600, Given::paint()), [[480, 720]]);
        self::assertSame(Severity::Stop, $found->remarks[0]->severity);
        self::assertStringContainsString(
            'One person needs 601 min for all its patches, but the longest working stretch is 240 min.',
            $found->remarks[0]->text,
        );
        $short = self::workOut(self::board(['1/2'], [1, 2, 3], 13, $quick));
        self::assertStringContainsString('the pot life is 12 min', $short->remarks[0]->text);
        self::assertSame(
            [],
            array_filter(
                self::workOut(self::board(['1/2'], [1, 2, 3], 3, $quick))->rounds,
                static fn (BoardRound $r): bool => null !== $r->cannot,
            ),
        );
    }

    /**
     * Twelve patches left for 2 min and wiped in turn: where the pot doesn't last so long it is said whether a helper who wipes is enough.
     */
    public function testAHelperWhoWipesIsOffered(): void
    {
        $says = static function (int $lasts, array $coats = [1, 2, 3, 4], int $lay = 45, int $wipe = 40, int $dwell = 2): array {
            $of = 4 === \count($coats) ? ['1/2', '1/3', '1/4'] : ['1/2'];
            $paint = Given::paint('paint', '1.3', 9.0, null, 15, $lasts);
            $board = self::board($of, array_map(intval(...), array_values($coats)), $dwell, $paint);
            $timed = Board::of('Board', 100, 100, $board->columns, $board->rows, $board->patches, Hands::One, $lay, $wipe);
            $first = self::workOut($timed)->rounds[0];

            return [$first->length, $first->atLeast, $first->withHelper, $first->cannot];
        };
        $one = 'One person needs 20 min for all its patches, but the pot life is %d min. %s';
        // Laid one after the other 12 × 45 s; the last dwells 120 s and is wiped in 40: 700 s. One person needs 12 × 85 s at least.
        self::assertSame([1180, 1020, 700, \sprintf($one, 11, 'Use fewer patches or shorter dwells.')], $says(11));
        self::assertSame(\sprintf($one, 12, 'With a helper who wipes it takes 12 min.'), $says(12)[3]);
        self::assertSame(\sprintf($one, 19, 'With a helper who wipes it takes 12 min.'), $says(19)[3]);
        self::assertNull($says(20)[3]);
        // To the second: 730 s with a helper are 13 min; 1210 s are more than 20.
        self::assertStringEndsWith('With a helper who wipes it takes 13 min.', (string) $says(13, lay: 47, wipe: 46)[3]);
        self::assertSame([1210, 'Use fewer patches or shorter dwells.'], [
            $says(20, [1, 2], 500, 90)[2],
            substr((string) $says(20, [1, 2], 500, 90)[3], -36),
        ]);
        self::assertNull($says(20, [1], 600, 600, 0)[3], '1200 s are 20 min');
        self::assertSame(
            'One person needs 21 min for all its patches, but the pot life is 20 min. Use fewer patches or shorter dwells.',
            $says(20, [1], 610, 600, 0)[3],
        );
    }

    /** A patch of 0.24 m² by its area: 4 m² an hour, half of it to lay and half to wipe; a small one takes 15 s for either. */
    public function testLayingTakesAsLongAsThePatchIsLarge(): void
    {
        $turn = static function (int $width, int $height): array {
            $board = self::board(['1/2'], [1], 3, Given::paint());
            $recipe = self::recipe(BigRational::of('1/2'), 1, 3, Given::paint(), $width * $height / 1e6);
            $patch = new Patch($board->patches[0]->cell, $recipe);
            $rounds = self::workOut(Board::of('Board', $width, $height, $board->columns, $board->rows, [$patch]))->rounds;

            return array_map(static fn (BoardRound $r): array => [
                $r->turns[0]->laid - $r->turns[0]->lay,
                $r->turns[0]->done - ($r->turns[0]->wipe ?? $r->turns[0]->done),
            ], $rounds);
        };
        $rate = static fn (string $of): float => Given::techniques()->named($of)->profile()->rate;
        [$wash, $coat] = $turn(600, 400);
        $half = (int) ceil(60 * 0.24 / $rate('washed-wiped') / 2);
        self::assertGreaterThan(15, $half);
        self::assertSame([$half, $half], $wash);
        self::assertSame([(int) ceil(60 * 0.24 / $rate('brushed')), 0], $coat);
        self::assertSame([15, 15], $turn(60, 60)[0]);
    }

    /** How a patch is painted: its shades in their shares, of a step that parts them and of one that lays evenly. */
    public function testHowAPatchIsPainted(): void
    {
        foreach (['a wash' => 'washed-wiped', 'an even coat' => 'brushed'] as $name => $technique) {
            $recipe = Analysed::recipe(['steps' => [
                [$technique, ['platform-slate' => '1', 'water' => '3'], ['coats' => 3]],
                ['padded', 'topcoat-matt'],
            ]]);
            $works = (new WorkOutSteps())->workOut($recipe, Climate::reference(), Given::practices()->habits([], []));
            $course = (new WorkOutLook())->course($recipe->piece->parts[0], $works);
            $face = PatchFace::of($course);
            self::assertEqualsWithDelta(1.0, array_sum($face->shares), 0.001);
            self::assertLessThanOrEqual(24, \count($face->colours));
            self::assertSame(\count($face->colours), \count($face->shares));
            $mean = static fn (int $i): float => array_sum(array_map(
                static fn (string $hex, float $share): float => $share * [Lab::of(Colour::of($hex))->l, Lab::of(Colour::of($hex))->b][$i],
                $face->colours,
                $face->shares,
            ));
            $end = $course[\count($course) - 1];
            self::assertEqualsWithDelta($end->lab()->l, $mean(0), 1.0, 'as light as it is');
            self::assertEqualsWithDelta($end->lab()->b, $mean(1), 1.0);
            $dark = array_map(static fn (string $hex): float => Lab::of(Colour::of($hex))->l, $face->colours);
            $sorted = $dark;
            sort($sorted);
            self::assertEqualsWithDelta($sorted, $dark, 0.5, 'the darkest first');
            Said::assertSame(__DIR__.'/faces.yaml', $name, Said::line($face));
        }
    }

    /** A patch of 60 mm shows more than its rim, one of 59 does not; what is sanded last is said before anything is laid. */
    public function testWhatABoardDoesNotTell(): void
    {
        $board = self::board(['1/2'], [1], 3, Given::paint());
        $remarks = static fn (Board $of): array => array_map(
            static fn ($r): string => strtok($r->text, '.') ?: '',
            (new CheckBoard())->check($of, [], static fn () => throw new \LogicException('No two patches lie beside one another.')),
        );
        $sized = static fn (int $w, int $h): Board => Board::of(
            'Board',
            $w,
            $h,
            $board->columns,
            $board->rows,
            $board->patches,
            Hands::One,
        );
        $unsanded = 'This board has no last sanding';
        self::assertSame([$unsanded], $remarks($sized(60, 60)));
        self::assertSame([$unsanded, 'A patch of 59 × 200 mm is mostly edge'], $remarks($sized(59, 200)));
        self::assertSame([$unsanded, 'A patch of 200 × 59 mm is mostly edge'], $remarks($sized(200, 59)));
        $with = static function (Step ...$first) use ($board): Board {
            $of = $board->patches[0]->recipe;

            return Board::of('Board', 100, 100, $board->columns, $board->rows, [new Patch(
                $board->patches[0]->cell,
                Recipe::of($of->title, $of->piece, [...array_values($first), ...$of->steps]),
            )], Hands::One);
        };
        $step = static fn (string $id, string $technique, ?int $grit): Step => Step::of(
            $id,
            '',
            Given::techniques()->named($technique),
            Intent::of(Purpose::Functional),
            [],
            null,
            1,
            StepDetail::of(grit: $grit),
            WaitRule::of(WaitUntil::Nothing),
        );
        self::assertSame([], $remarks($with($step('sand', 'sanded', 180), $step('dust', 'dusted', null))));
        self::assertSame([$unsanded], $remarks($with($step('sand', 'sanded', null))), 'with which paper?');
    }

    /**
     * @return list<array{string, string, list<string>}>
     */
    private static function pots(BoardPreview $found): array
    {
        return array_map(static fn (BoardPot $p): array => [$p->name, $p->need->exact, $p->patches], $found->pots);
    }

    /**
     * The same patch beside itself.
     *
     * @return array{Axis, Axis|null, non-empty-list<Patch>}
     */
    private static function twice(Board $board): array
    {
        $cell = $board->patches[0]->cell;

        return [
            $board->columns,
            $board->rows,
            [$board->patches[0], new Patch(new \Inlaid\Core\Board\Cell('B1', 0, 1, $cell->says, $cell->edits), $board->patches[0]->recipe)],
        ];
    }
}
