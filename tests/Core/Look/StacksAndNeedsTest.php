<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Look;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Look\Layer;
use Inlaid\Core\Material\Body;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Dries;
use Inlaid\Core\Material\Handling;
use Inlaid\Core\Material\Look;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Material\Pack;
use Inlaid\Core\Material\StatedTimes;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Preview\Preview;
use Inlaid\Core\Preview\StepPreview;
use Inlaid\Core\Purchase\Consumable;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Effect;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * The cut and the shopping, against the slow ways of finding the same: a finish sliced micrometre by micrometre, and every
 * way of buying packs.
 */
final class StacksAndNeedsTest extends TestCase
{
    use Randomly;

    /**
     * The finish as a pile of slices, each of a twentieth of a micrometre and of one step. Sanding takes slices off the top;
     * distress goes down through them and ends where it ends.
     */
    public function testTheCutIsWhatAPileOfSlicesWouldBe(): void
    {
        $this->manyTimes(30, function (): void {
            $steps = [];
            foreach (range(1, $this->int(2, 9)) as $i) {
                $steps[] = match ($this->int(0, 3)) {
                    0 => $this->step("s$i", 'sanded', StepDetail::of(depth: 0.1 * $this->int(0, 700))),
                    1 => $this->step("s$i", 'distressed-dry', StepDetail::of(depth: 0.1 * $this->int(1, 1500))),
                    default => $this->step(
                        "s$i",
                        'brushed',
                        StepDetail::of(weight: FilmWeight::cases()[$this->int(0, 2)]),
                        $this->int(1, 2),
                    ),
                };
            }
            $layers = $this->preview($steps)->stacks[0]->layers;
            $pile = [];
            foreach ($layers as $layer) {
                $slices = (int) round($layer->depth * 20);
                if (Effect::Adds === $layer->effect) {
                    array_push($pile, ...array_fill(0, (int) round($layer->laid * 20), $layer->stepId));
                } elseif (1.0 === $layer->cover) {
                    self::assertSame($pile[\count($pile) - 1 - $slices] ?? 'wood', $layer->reaches);
                    $pile = \array_slice($pile, 0, max(0, \count($pile) - $slices));
                } else {
                    self::assertSame($pile[\count($pile) - 1 - $slices] ?? 'wood', $layer->reaches);
                }
            }
            $left = array_count_values($pile);
            foreach ($layers as $layer) {
                self::assertEqualsWithDelta(($left[$layer->stepId] ?? 0) / 20, $layer->thickness, 0.03, $layer->stepId);
            }
        });
    }

    /**
     * Parts fall into stack classes by ground and steps: every part in just one, and all parts of one alike.
     */
    public function testEveryPartHasOneCut(): void
    {
        $this->manyTimes(30, function (): void {
            $parts = array_map(
                fn (int $i): PiecePart => PiecePart::of(
                    "p$i",
                    "Part $i",
                    Surface::free($this->float(0.1, 2)),
                    $this->int(1, 4),
                    self::ground(Grain::cases()[$this->int(0, 1)]),
                ),
                range(1, $this->int(1, 5)),
            );
            $steps = array_map(
                fn (int $i): Step => $this->step(
                    "s$i",
                    'brushed',
                    StepDetail::of(),
                    1,
                    array_values(array_map(
                        static fn (PiecePart $p): string => $p->id,
                        array_filter($parts, fn (): bool => 1 === $this->int(0, 1)),
                    )),
                ),
                range(1, $this->int(1, 4)),
            );
            $preview = $this->preview($steps, $parts);
            $where = [];
            foreach ($preview->stacks as $stack) {
                foreach ($stack->parts as $name) {
                    self::assertArrayNotHasKey($name, $where);
                    $where[$name] = [$stack->substrate->grain, array_map(static fn (Layer $l): string => $l->stepId, $stack->layers)];
                }
            }
            foreach ($parts as $part) {
                $own = array_values(array_map(
                    static fn (Step $s): string => $s->id,
                    array_filter($steps, static fn (Step $s): bool => $s->touches($part)),
                ));
                self::assertSame([$part->substrate->grain, $own], $where[$part->name]);
            }
            self::assertSameSize(array_unique(array_map(serialize(...), $where)), $preview->stacks);
            self::assertEqualsWithDelta($preview->area, array_sum(array_map(static fn ($s): float => $s->area, $preview->stacks)), 1e-3);
        });
    }

    /**
     * More faces than any piece has, each with its own wood and 36 steps: the looks share their room, and of the last only the ground and
     * the end are told. None ends in another colour than it does by itself.
     */
    public function testVeryManyFacesAreToldMoreRoughly(): void
    {
        $steps = array_map(fn (int $i): Step => $this->step("s$i", match ($i % 9) {
            7 => 'ragged', 8 => 'distressed-dry', default => 'brushed',
        }, 8 === $i % 9 ? StepDetail::of(depth: 5.0 + $i) : StepDetail::of()), range(0, 35));
        $parts = array_map(
            static fn (int $i): PiecePart => PiecePart::of(
                "p$i",
                "Part $i",
                Surface::free(1.0),
                1,
                Substrate::of(SubstrateKind::Solid, 'lime', Grain::Close, Colour::of(\sprintf('#%02xd3b3', 0x60 + 5 * $i))),
            ),
            range(0, 29),
        );
        $stacks = $this->preview($steps, $parts)->stacks;
        self::assertSame([...array_fill(0, 27, true), false, false, false], array_map(static fn ($s): bool => $s->look->isWhole, $stacks));
        self::assertCount(37, $stacks[26]->look->after);
        self::assertSame([null, 's35'], array_map(static fn ($a): ?string => $a->stepId, $stacks[29]->look->after));
        foreach ([0, 29] as $i) {
            $alone = $this->preview($steps, [$parts[$i]])->stacks[0]->look->after;
            $among = $stacks[$i]->look->after;
            foreach ([0, -1] as $when) {
                foreach (array_map(null, \array_slice($alone, $when, 1)[0]->zones, \array_slice($among, $when, 1)[0]->zones) as [$a, $b]) {
                    self::assertNotNull($a);
                    self::assertLessThan(
                        3.0,
                        ColourDifference::between(Colour::of($a->colour), Colour::of($b->colour ?? ''))->deltaE,
                        "$i $when ".$a->zone->value,
                    );
                }
            }
        }
    }

    /**
     * The packs to buy are enough, and no other way of buying enough is cheaper.
     */
    public function testPacksAreEnoughAndTheCheapest(): void
    {
        $this->manyTimes(30, function (): void {
            $sizes = array_map(fn (): array => [$this->int(20, 900), 0.5 * $this->int(2, 80)], range(1, $this->int(1, 3)));
            $paint = self::paint(array_map(static fn (array $s): Pack => Pack::of(Quantity::millilitres($s[0]), $s[1]), $sizes));
            $part = PiecePart::of('p', 'Part', Surface::free($this->float(0.2, 9)), 1, self::ground(Grain::Close));
            $need = $this->preview([$this->step('s', 'brushed', StepDetail::of(), $this->int(1, 3), [], $paint)], [$part])->materials[0];
            $price = array_column(
                array_map(
                    static fn (array $s): array => [
                        (string) $s[0],
                        min(array_map(static fn (array $t): float => $t[0] === $s[0] ? $t[1] : \INF, $sizes)),
                    ],
                    $sizes,
                ),
                1,
                0,
            );
            $bought = $paid = 0.0;
            foreach ($need->packs as $pack) {
                $bought += $pack->count * (float) $pack->size;
                $paid += $pack->count * $pack->price;
            }
            self::assertGreaterThanOrEqual($need->amount->ml - 1e-6, $bought);
            self::assertEqualsWithDelta(
                $this->cheapest(
                    array_map(static fn (int|string $ml): array => [(float) $ml, $price[$ml]], array_keys($price)),
                    $need->amount->ml,
                ),
                $paid,
                1e-9,
            );
        });
    }

    /**
     * What the recipe takes of a material is what its coats take together, wherever they stand, and one small pack ends just
     * where the coats taken from it one after the other use it up.
     */
    public function testTheSumIsTheSumAndTheJarEndsWhereItDoes(): void
    {
        $this->manyTimes(30, function (): void {
            $paint = self::paint([Pack::of(Quantity::millilitres($this->int(40, 600)), 5.0), Pack::of(Quantity::millilitres(2000), 9.0)]);
            $steps = array_map(
                fn (int $i): Step => $this->step("s$i", 'brushed', StepDetail::of(), $this->int(1, 3), [], $paint),
                range(1, $this->int(1, 4)),
            );
            $preview = $this->preview(
                $steps,
                [PiecePart::of('p', 'Part', Surface::free($this->float(0.3, 2)), 1, self::ground(Grain::Open))],
            );
            $need = $preview->materials[0];
            $taken = [];
            foreach ($preview->steps as $step) {
                foreach ($step->pour->taken ?? [] as $coat => $amount) {
                    $taken[] = [$amount->ml, $step->number, $coat + 1];
                }
            }
            self::assertEqualsWithDelta(array_sum(array_column($taken, 0)), $need->amount->ml, 1e-6);
            $jar = $paint->packs[0]->size->amount->toFloat();
            foreach ($taken as [$ml, $number, $coat]) {
                if ($ml > $jar) {
                    self::assertStringContainsString("runs out in step $number, coat $coat, after ", (string) $need->runsOut);

                    return;
                }
                $jar -= $ml;
            }
            self::assertNull($need->runsOut);
        });
    }

    /**
     * The steps cost what the whole does, one coat more just what it was said to, and whole packs never less than what is used.
     */
    public function testACoatCostsWhatItWasSaidTo(): void
    {
        $this->manyTimes(30, function (): void {
            $rate = (float) $this->int(0, 90);
            $coats = $this->int(2, 4);
            $paint = self::paint([Pack::of(Quantity::millilitres($this->int(40, 600)), (float) $this->int(1, 60))]);
            $parts = [PiecePart::of('p', 'Part', Surface::free($this->float(0.3, 2)), 1, self::ground(Grain::Open))];
            $work = fn (int $coats): Preview => $this->preview(
                [$this->step('a', 'brushed', StepDetail::of(), $coats, [], $paint), $this->step('b', 'sanded', StepDetail::of(grit: 240))],
                $parts,
                $rate,
            );
            $one = $work($coats);
            self::assertEqualsWithDelta(
                $one->steps[0]->another->whole,
                ($work($coats + 1)->cost->whole ?? \NAN) - ($one->cost->whole ?? \NAN),
                0.03,
            );
            self::assertSame($coats * $one->steps[0]->handsOn + $one->steps[1]->handsOn, $one->cost->minutes);
            self::assertEqualsWithDelta($one->cost->minutes / 60 * $rate, $one->cost->labour, 0.006);
            self::assertEqualsWithDelta(
                $one->cost->whole,
                array_sum(array_map(static fn (StepPreview $s): float => $s->cost->whole ?? \NAN, $one->steps)),
                0.02,
            );
            self::assertGreaterThanOrEqual($one->cost->material, $one->bought);
            self::assertSame(
                $one->cost->material,
                $this->preview([$this->step('a', 'brushed', StepDetail::of(), $coats, [], $paint)], $parts)->cost->whole,
                'no rate, no work counted',
            );
        });
    }

    /**
     * 2.2 m²: two passes with 120 (half a m² a sheet) and one with 180; a rag wipes 1.5 m² clean; nothing is used up by a brush.
     */
    public function testWhatIsUsedUpBesidesIsCounted(): void
    {
        $parts = [PiecePart::of('p', 'Part', Surface::free(2.2), 1, self::ground(Grain::Close))];
        $steps = [
            $this->step('a', 'sanded', StepDetail::of(grit: 120), 2),
            $this->step('b', 'sanded', StepDetail::of(grit: 180)),
            $this->step('c', 'rinsed', StepDetail::of()),
            $this->step('d', 'brushed', StepDetail::of(), 3),
            $this->step('e', 'dusted', StepDetail::of()),
            $this->step('f', 'rinsed', StepDetail::of()),
        ];
        $counted = array_map(static fn (Consumable $c): string => "$c->count × $c->name", $this->preview($steps, $parts)->consumables);
        self::assertSame(['9 × abrasive sheet, grit 120', '5 × abrasive sheet, grit 180', '3 × rag', '1 × tack cloth'], $counted);
    }

    /**
     * @param list<array{float, float}> $packs ml and price
     */
    private function cheapest(array $packs, float $need): float
    {
        if ($need <= 1e-9) {
            return 0.0;
        }
        [[$ml, $price]] = $packs;
        $rest = \array_slice($packs, 1);
        $best = ceil($need / $ml - 1e-9) * $price;
        for ($count = 0; [] !== $rest && $count <= ceil($need / $ml); ++$count) {
            $best = min($best, $count * $price + $this->cheapest($rest, $need - $count * $ml));
        }

        return $best;
    }

    /**
     * @param list<string> $parts
     */
    private function step(
        string $id,
        string $technique,
        StepDetail $detail,
        int $coats = 1,
        array $parts = [],
        ?Material $uses = null,
    ): Step {
        $technique = Given::techniques()->named($technique);

        return Step::of(
            $id,
            $id,
            $technique,
            Intent::of(Purpose::Hide),
            $parts,
            $technique->profile()->takesMaterial ? $uses ?? Given::paint() : null,
            $coats,
            $detail,
            WaitRule::of(WaitUntil::Recoat),
        );
    }

    /**
     * @param list<Step>           $steps
     * @param list<PiecePart>|null $parts
     */
    private function preview(array $steps, ?array $parts = null, ?float $rate = null): Preview
    {
        return Given::previewer()->preview(
            Recipe::of(
                'Test',
                Piece::of('Case', 1, $parts ?? [PiecePart::of('p', 'Part', Surface::free(1.0), 1, self::ground(Grain::Close))]),
                $steps,
            ),
            Given::context(rate: $rate),
        );
    }

    private static function ground(Grain $grain): Substrate
    {
        return Substrate::of(SubstrateKind::Solid, 'lime', $grain, Colour::of('#e5d3b3'));
    }

    /**
     * @param list<Pack> $packs
     */
    private static function paint(array $packs): Material
    {
        return Material::of(
            'paint',
            1,
            'Paint',
            MaterialKind::Paint,
            true,
            Body::of(Carrier::Water, BigRational::one(), null, 0.4, 1.0, 10.0, 3.0),
            Handling::of(Dries::LosingWater, StatedTimes::of(30, 120, null, 480, 30240), 15, null, true, 8.0),
            Look::of(LookKind::Opaque),
            packs: $packs,
        );
    }
}
