<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Surface;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Look\ZoneLook;
use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Material\Body;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Dries;
use Inlaid\Core\Material\Handling;
use Inlaid\Core\Material\Hazard;
use Inlaid\Core\Material\Look;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Material\StatedTimes;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Preview\Preview;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Zone;
use Inlaid\Tests\Core\Given;
use PHPUnit\Framework\TestCase;

/**
 * What steps do to a surface, as painters know it: from whole recipes to the colours that come out.
 */
final class SurfaceTest extends TestCase
{
    /**
     * @param list<Hazard> $hazards
     */
    private static function material(
        MaterialKind $kind,
        ?Look $look = null,
        float $solids = 0.4,
        ?Sheen $sheen = Sheen::Chalky,
        array $hazards = [],
        ?float $spread = 12.0,
    ): Material {
        return Material::of(
            $kind->value.($look->colour->hex ?? '').implode('', array_map(static fn (Hazard $h): string => $h->value, $hazards)),
            1,
            $kind->value,
            $kind,
            true,
            Body::of(Carrier::Water, BigRational::of('1.2'), null, $solids, 1.0, $spread, MaterialKind::Bleach === $kind ? null : 3.0),
            Handling::of(Dries::LosingWater, StatedTimes::of(30, 120, null, 480, 30240), 15, null, true, 8.0),
            $look ?? Look::of(LookKind::None),
            $sheen,
            hazards: $hazards,
        );
    }

    private static function paint(string $hex): Material
    {
        return self::material(MaterialKind::Paint, Look::of(LookKind::Opaque, Colour::of($hex), 0.96));
    }

    private static function stain(string $onWood): Material
    {
        return self::material(MaterialKind::Stain, Look::of(LookKind::Stain, onWood: Colour::of($onWood)), 0.03, null);
    }

    private static function step(
        string $technique,
        Material|Mixture|null $uses = null,
        int $coats = 1,
        ?StepDetail $detail = null,
        Purpose $purpose = Purpose::Hide,
    ): Step {
        return Step::of(
            '',
            '',
            Given::techniques()->named($technique),
            Intent::of($purpose),
            [],
            $uses,
            $coats,
            $detail ?? StepDetail::of(),
            WaitRule::of(WaitUntil::Recoat),
        );
    }

    private static function preview(PiecePart $part, Step ...$steps): Preview
    {
        $numbered = array_map(
            static fn (Step $s, int $i): Step => Step::of(
                "s$i",
                $s->title,
                $s->technique,
                $s->intent,
                [],
                $s->uses,
                $s->coats,
                $s->detail,
                $s->wait,
            ),
            array_values($steps),
            array_keys(array_values($steps)),
        );

        return Given::previewer()->preview(Recipe::of('Test', Piece::of('Case', 1, [$part]), $numbered), Given::context());
    }

    private static function part(Grain $grain = Grain::Open, string $hex = '#bd9660', ?float $absorption = null): PiecePart
    {
        return PiecePart::of(
            'p',
            'Part',
            Surface::free(1.0),
            1,
            Substrate::of(SubstrateKind::Solid, 'oak', $grain, Colour::of($hex)),
            absorption: $absorption,
        );
    }

    private static function end(Zone $zone, PiecePart $part, Step ...$steps): ZoneLook
    {
        $after = self::preview($part, ...$steps)->stacks[0]->look->after;

        return array_values(array_filter($after[\count($after) - 1]->zones, static fn (ZoneLook $z): bool => $zone === $z->zone))[0];
    }

    private static function lab(Zone $zone, PiecePart $part, Step ...$steps): Lab
    {
        return Lab::of(Colour::of(self::end($zone, $part, ...$steps)->colour));
    }

    private static function mix(Material $one, int $parts, Material $other, int $otherParts): Mixture
    {
        return Mixture::of('Mix', Basis::ByVolume, [
            Part::of(BigRational::of($parts), $one),
            Part::of(BigRational::of($otherParts), $other),
        ]);
    }

    private static function apart(Lab $one, Lab $other): float
    {
        return DeltaE2000::between($one, $other);
    }

    /** Brown, resist on the edges, white, wet rubbing over it: the white goes where the resist lies, and the edge shows the brown. */
    public function testRubbingReleasesAResist(): void
    {
        [$brown, $white] = [self::paint('#5a3a28'), self::paint('#efeae0')];
        $resist = self::material(MaterialKind::Resist);
        $base = self::step('brushed', $brown, 2);
        $under = self::lab(Zone::Edge, self::part(), $base);
        foreach (['distressed-wet', 'distressed-dry', 'resist-released'] as $rubbed) {
            $gentle = 'resist-released' === $rubbed ? null : StepDetail::of(depth: 1.0);
            $worn = self::end(
                Zone::Edge,
                self::part(),
                $base,
                self::step('resist-laid', $resist, purpose: Purpose::Functional),
                self::step('brushed', $white, 2),
                self::step($rubbed, detail: $gentle, purpose: Purpose::Edges),
            );
            $brownest = min([
                99.0,
                ...array_map(static fn (string $c): float => self::apart(Lab::of(Colour::of($c)), $under), $worn->colours),
            ]);
            self::assertLessThan(3.0, $brownest, "$rubbed: the edge shows the brown");
            $shown = array_sum(array_map(
                static fn (string $c, float $share): float => self::apart(Lab::of(Colour::of($c)), $under) < 5.0 ? $share : 0.0,
                $worn->colours,
                $worn->shares,
            ));
            self::assertEqualsWithDelta(0.65, $shown, 0.02, "$rubbed: where the resist lies, and nowhere else");
        }
        $without = self::end(
            Zone::Edge,
            self::part(),
            $base,
            self::step('brushed', $white, 2),
            self::step('distressed-wet', detail: StepDetail::of(depth: 1.0), purpose: Purpose::Edges),
        );
        self::assertGreaterThan(
            20.0,
            min([99.0, ...array_map(static fn (string $c): float => self::apart(Lab::of(Colour::of($c)), $under), $without->colours)]),
            'a light rub without a resist reaches no brown',
        );
    }

    /** Light, middle and heavy: edges ΔE 3 apart and more, and more paint and time. */
    public function testTheHandOfADryBrush(): void
    {
        $labs = $ml = $minutes = [];
        foreach (Hand::cases() as $hand) {
            $steps = [
                self::step('brushed', self::paint('#3d5a50'), 2),
                self::step('dry-brushed', self::paint('#efe3c4'), detail: StepDetail::of(hand: $hand), purpose: Purpose::Edges),
            ];
            $labs[] = self::lab(Zone::Edge, self::part(), ...$steps);
            $step = self::preview(self::part(), ...$steps)->steps[1];
            $ml[] = $step->pour->need->ml ?? 0.0;
            $minutes[] = $step->handsOn;
        }
        self::assertGreaterThan(3.0, self::apart($labs[0], $labs[1]));
        self::assertGreaterThan(3.0, self::apart($labs[1], $labs[2]));
        self::assertTrue($ml[0] < $ml[1] && $ml[1] < $ml[2], implode(', ', $ml));
        self::assertTrue($minutes[0] < $minutes[1] && $minutes[1] < $minutes[2], implode(', ', $minutes));
    }

    /**
     * Two-part bleach takes the wood's colour, oxalic hardly, chlorine dyes; half as strong does less; and sprayed it is still a bleach.
     */
    public function testBleachesByKindAndStrength(): void
    {
        $bleach = static fn (Hazard ...$h): Material => self::material(MaterialKind::Bleach, null, 0.0, null, array_values($h), 8.0);
        [$twoPart, $oxalic, $chlorine] = [$bleach(Hazard::Oxidiser), $bleach(Hazard::Acid), $bleach(Hazard::Chlorine)];
        $l = static fn (Step ...$steps): float => self::lab(Zone::Field, self::part(), ...$steps)->l;
        $by = static fn (Material|Mixture $of, int $rounds = 1, string $how = 'bleached'): float => $l(self::step(
            $how,
            $of,
            $rounds,
            purpose: Purpose::Functional,
        ));
        $bare = $l(self::step('dusted'));
        self::assertGreaterThan($by($oxalic) + 4, $by($twoPart));
        self::assertGreaterThan($by($twoPart), $by($twoPart, 2));
        self::assertGreaterThan($bare, $by($oxalic));
        self::assertLessThan($by($twoPart) - 1, $by(self::mix($twoPart, 1, Given::water(), 1)), 'half as strong');
        self::assertEqualsWithDelta($by($twoPart), $by($twoPart, 1, 'sprayed'), 1e-9, 'however it is put on');
        self::assertEqualsWithDelta($by($twoPart), $by($twoPart, 1, 'brushed'), 1e-9);
        $dyed = self::step('stained-wiped', self::stain('#6a4a30'));
        $after = static fn (Material $of): float => $l($dyed, self::step('bleached', $of, 1, purpose: Purpose::Functional)) - $l($dyed);
        self::assertGreaterThan($after($oxalic) + 5, $after($chlorine), 'chlorine takes dyes');
    }

    /** Thirst is colour, not only ml: a stain on thirsty wood is darker and less even; a conditioner evens it out. */
    public function testThirstyWoodIsDarkerAndUneven(): void
    {
        $stain = self::step('stained-wiped', self::stain('#7a5433'));
        foreach ([$stain, self::step('washed-on', self::mix(self::paint('#5d6a72'), 1, Given::water(), 3))] as $step) {
            $usual = self::end(Zone::Field, self::part(Grain::Close, '#e3cda6', 1.2), $step);
            $thirsty = self::end(Zone::Field, self::part(Grain::Close, '#e3cda6', 2.5), $step);
            self::assertLessThan(
                Lab::of(Colour::of($usual->colour))->l - 2,
                Lab::of(Colour::of($thirsty->colour))->l,
                'darker',
            );
            self::assertGreaterThan($usual->contrast + 0.5, $thirsty->contrast, 'and patchy');
        }
        $conditioner = self::step('conditioned', self::material(MaterialKind::Conditioner, null, 0.05, null), purpose: Purpose::Functional);
        $evened = self::end(Zone::Field, self::part(Grain::Close, '#e3cda6', 2.5), $conditioner, $stain);
        self::assertLessThan(0.5, $evened->contrast);
    }

    /** Parts that drink otherwise, or one of which has silicone on it, have surfaces of their own. */
    public function testPartsOfAnotherThirstOrSoilAreNotOne(): void
    {
        $part = static fn (string $id, ?float $absorption, Bleed ...$bleeds): PiecePart => PiecePart::of(
            $id,
            $id,
            Surface::free(1.0),
            1,
            Substrate::of(SubstrateKind::Solid, 'maple', Grain::Close, Colour::of('#e3cda6'), null, array_values($bleeds)),
            absorption: $absorption,
        );
        $parts = [$part('usual', null), $part('also', null), $part('thirsty', 2.5), $part('polished', null, Bleed::Silicone)];
        $stain = self::step('stained-wiped', self::stain('#7a5433'));
        $step = Step::of('s', '', $stain->technique, $stain->intent, [], $stain->uses, 1, $stain->detail, $stain->wait);
        $stacks = Given::previewer()->preview(Recipe::of('Test', Piece::of('Case', 1, $parts), [$step]), Given::context())->stacks;
        self::assertSame([['usual', 'also'], ['thirsty'], ['polished']], array_column($stacks, 'parts'));
        self::assertNotSame($stacks[0]->look->after[1]->zones[0]->colour, $stacks[1]->look->after[1]->zones[0]->colour);
    }

    /** Wood takes up only so much: a third coat of a dark stain adds little, and ten are not black. */
    public function testAStainSaturates(): void
    {
        $l = static fn (int $coats): float => self::lab(
            Zone::Field,
            self::part(Grain::Close, '#e3cda6'),
            ...array_fill(0, $coats, self::step('stained-wiped', self::stain('#4a3424'))),
        )->l;
        $at = array_map($l, [1, 2, 3, 10]);
        self::assertGreaterThan(2 * ($at[1] - $at[2]), $at[0] - $at[1]);
        self::assertGreaterThan(10.0, $at[3], 'a very dark brown');
        self::assertLessThan($at[1], $at[2]);
        $inOne = self::lab(Zone::Field, self::part(Grain::Close, '#e3cda6'), self::step('stained-wiped', self::stain('#4a3424'), 3))->l;
        self::assertEqualsWithDelta($at[2], $inOne, 0.5, 'three steps of one coat are one of three');
    }

    /**
     * White wiped over oak: unsealed the flat keeps more of it than sealed; brushed pores hold more than those as grown, and keep it when
     * the
     * flat is cleared with fine paper; maple has next to none.
     */
    public function testPoresHoldWhatIsWiped(): void
    {
        $white = self::step('limed', self::paint('#f5f3ec'), purpose: Purpose::Pores);
        $seal = self::step('padded', self::material(MaterialKind::Topcoat, Look::of(LookKind::Clear), 0.1, Sheen::Satin));
        $brush = self::step('grain-brushed', purpose: Purpose::Functional);
        [$oak, $maple] = [self::part(), self::part(Grain::Close, '#e3cda6')];
        $whiter = static fn (Zone $zone, PiecePart $part, Step ...$steps): float => self::lab($zone, $part, ...$steps, ...[$white])->l;
        self::assertGreaterThan($whiter(Zone::Field, $oak, $seal) + 1.5, $whiter(Zone::Field, $oak), 'unsealed keeps a whiter flat');
        self::assertGreaterThan($whiter(Zone::Pore, $oak, $seal), $whiter(Zone::Pore, $oak, $brush, $seal), 'brushed pores hold more');
        self::assertGreaterThan(
            $whiter(Zone::Field, $oak, $seal) + 8,
            $whiter(Zone::Pore, $oak, $brush, $seal),
            'pores more than the flat',
        );
        self::assertLessThan($whiter(Zone::Field, $maple) + 4, $whiter(Zone::Pore, $maple), 'maple has next to none');
        $fine = self::step('scuff-sanded', detail: StepDetail::of(grit: 400, tool: Tool::Hand), purpose: Purpose::Functional);
        $cleared = [$brush, $seal, $white, $fine];
        self::assertLessThan(
            self::lab(Zone::Field, $oak, $brush, $seal, $white)->l - 0.5,
            self::lab(Zone::Field, $oak, ...$cleared)->l,
            'fine paper clears the flat',
        );
        self::assertEqualsWithDelta(
            self::lab(Zone::Pore, $oak, $brush, $seal, $white)->l,
            self::lab(Zone::Pore, $oak, ...$cleared)->l,
            0.5,
            'and leaves the pores',
        );
    }
}
