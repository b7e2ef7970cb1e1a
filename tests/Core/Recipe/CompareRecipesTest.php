<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Recipe;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Recipe\Change;
use Inlaid\Core\Recipe\CompareRecipes;
use Inlaid\Core\Recipe\DescribeRecipe;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * Differences in words: none where there is none, each one named, and no more moves than needed.
 */
final class CompareRecipesTest extends TestCase
{
    use Randomly;

    public function testNothingIsDifferentFromItself(): void
    {
        $recipe = $this->recipe([$this->step('a'), $this->step('b')]);
        self::assertSame([], (new CompareRecipes(new DescribeRecipe(Given::practices())))->compare($recipe, $recipe));
    }

    public function testEveryStepTakenOutPutInOrMovedIsNamedOnceAndNoOther(): void
    {
        $this->manyTimes(150, function (): void {
            $ids = range('a', \chr(\ord('a') + $this->int(1, 8)));
            $before = array_values(array_filter($ids, fn (): bool => 0 < $this->int(0, 3)));
            $after = array_values(array_filter($ids, fn (): bool => 0 < $this->int(0, 3)));
            for ($i = \count($after) - 1; $i > 0; --$i) {
                $k = $this->int(0, $i);
                [$after[$i], $after[$k]] = [$after[$k], $after[$i]];
            }
            $after = array_values($after);
            $said = $this->compare($before, $after);
            $about = static fn (string $word): array => array_values(array_map(
                static fn (Change $c): string => $c->stepId,
                array_filter($said, static fn (Change $c): bool => str_contains($c->text, $word)),
            ));
            self::assertEqualsCanonicalizing(array_values(array_diff($before, $after)), $about('was removed'));
            self::assertEqualsCanonicalizing(array_values(array_diff($after, $before)), $about('was added'));
            $common = array_values(array_intersect($before, $after));
            self::assertCount(
                \count($common) - $this->longest($common, array_values(array_intersect($after, $before))),
                $about('was moved'),
                implode('', $before).' to '.implode('', $after),
            );
        });
    }

    public function testWhatChangedInAStepIsSaidWithBothValues(): void
    {
        $before = $this->recipe([$this->step('a', StepDetail::of(grit: 180, dwell: 4))]);
        $after = $this->recipe([$this->step('a', StepDetail::of(grit: 220), 'Slower')], 2);
        self::assertSame([
            'The number of identical pieces was 1, now 2.',
            'Step 1, “Slower”: the title was “Step a”, now “Slower”.',
            'Step 1, “Slower”: the grit was 180, now 220.',
            'Step 1, “Slower”: the dwell was 4 min, now not set.',
        ], $this->words($before, $after));
    }

    public function testPartsAreComparedByWhatTheyAreNotByTheirNames(): void
    {
        $oak = Substrate::of(SubstrateKind::Solid, 'oak', Grain::Open, Colour::of('#b58f5f'));
        $part = static fn (string $id, string $name, float $area, ?float $drinks = null): PiecePart => PiecePart::of(
            $id,
            $name,
            Surface::free($area),
            1,
            $oak,
            absorption: $drinks,
        );
        $recipe = fn (PiecePart ...$parts): Recipe => Recipe::of(
            'Test',
            Piece::of('Case', 1, array_values($parts)),
            [$this->step('a', parts: [$parts[0]->id])],
        );
        self::assertSame([
            'Part “Top”: the name was “Top”, now “Lid”.',
            'Part “Top”: the area was 0.5 m², now 0.625 m².',
            'Part “Top”: the absorbency was not set, now 1.6 × a sealed surface.',
            'The part “Side” was removed.',
            'The part “Back” was added.',
            'Step 1, “Step a”: where it applies was Top, now Lid.',
        ], $this->words(
            $recipe($part('p1', 'Top', 0.5), $part('p2', 'Side', 0.8)),
            $recipe($part('p1', 'Lid', 0.625, 1.6), $part('p3', 'Back', 0.3)),
        ));
    }

    public function testSchoolsAndSummaryAreSaidInTheirOwnWords(): void
    {
        $recipe = fn (string $summary, array $schools): Recipe => Recipe::of('Test', $this->recipe([])->piece, [], $schools, $summary);
        self::assertSame([
            'The practice for “Final grit on bare wood” was “120”, now “220”.',
            'The description was not set, now “Pale and dry”.',
            'The practice for “Brushing direction” was not set, now “all directions, then laid off”.',
        ], $this->words(
            $recipe('', ['last-grit' => '120']),
            $recipe('Pale and dry', ['brush-direction' => 'every-way', 'last-grit' => '220']),
        ));
    }

    /**
     * A newer copy of a material changes what is worked out, so it is a difference though every name is the same; also deep in
     * a mix, and once only.
     */
    public function testNewerFiguresOfAMaterialAreADifference(): void
    {
        $laid = static fn (string $density, int $open): Step => Step::of(
            'a',
            'Glaze',
            Given::techniques()->named('glazed-wiped'),
            Intent::of(Purpose::Pores),
            [],
            Mixture::of('glaze', Basis::ByVolume, [
                Part::of(BigRational::of(2), Given::paint('medium')),
                Part::of(
                    BigRational::one(),
                    Mixture::of('colour', Basis::ByVolume, [Part::of(BigRational::one(), Given::paint('blue', $density, open: $open))]),
                ),
            ]),
            1,
            StepDetail::of(),
            WaitRule::of(WaitUntil::Recoat),
        );
        self::assertSame([
            'Blue: the density was 1.3 g/ml, now 1.42 g/ml.',
            'Blue: the open time was 15 min, now 9 min.',
        ], $this->words($this->recipe([$laid('1.3', 15)]), $this->recipe([$laid('1.42', 9)])));
    }

    /**
     * @return list<string>
     */
    private function words(Recipe $before, Recipe $after): array
    {
        return array_map(
            static fn (Change $c): string => $c->text,
            (new CompareRecipes(new DescribeRecipe(Given::practices())))->compare($before, $after),
        );
    }

    /**
     * @param list<string> $before
     * @param list<string> $after
     *
     * @return list<Change>
     */
    private function compare(array $before, array $after): array
    {
        return (new CompareRecipes(new DescribeRecipe(Given::practices())))->compare(
            $this->recipe(array_map(fn (string $id): Step => $this->step($id), $before)),
            $this->recipe(array_map(fn (string $id): Step => $this->step($id), $after)),
        );
    }

    /**
     * The longest common order by trying every subset: the independent way.
     *
     * @param list<string> $a
     * @param list<string> $b
     */
    private function longest(array $a, array $b): int
    {
        $best = 0;
        for ($mask = 0; $mask < 1 << \count($a); ++$mask) {
            $pick = array_values(array_filter($a, static fn (int $i): bool => 0 !== ($mask & (1 << $i)), \ARRAY_FILTER_USE_KEY));
            if (\count($pick) > $best && $pick === array_values(array_intersect($b, $pick))) {
                $best = \count($pick);
            }
        }

        return $best;
    }

    /**
     * @param list<string> $parts
     */
    private function step(string $id, ?StepDetail $detail = null, ?string $title = null, array $parts = []): Step
    {
        return Step::of(
            $id,
            $title ?? "Step $id",
            Given::techniques()->named('sanded'),
            Intent::of(Purpose::Functional),
            $parts,
            null,
            1,
            $detail ?? StepDetail::of(),
            WaitRule::of(WaitUntil::Nothing),
        );
    }

    /**
     * @param list<Step> $steps
     */
    private function recipe(array $steps, int $count = 1): Recipe
    {
        $part = PiecePart::of(
            'whole',
            'Whole',
            Surface::free(1.0),
            1,
            Substrate::of(SubstrateKind::Solid, 'lime', Grain::Close, Colour::of('#e5d3b3')),
        );

        return Recipe::of('Test', Piece::of('Case', $count, [$part]), $steps);
    }
}
