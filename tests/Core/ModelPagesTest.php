<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\FilmOptics;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\Spectrum;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\PredictDrying;
use Inlaid\Core\Film\WorkOutNeed;
use Inlaid\Core\Look\Colourant;
use Inlaid\Core\Look\ColourantKind;
use Inlaid\Core\Look\Doing;
use Inlaid\Core\Look\DoStep;
use Inlaid\Core\Look\FilmOf;
use Inlaid\Core\Look\Ground;
use Inlaid\Core\Look\LaidFilm;
use Inlaid\Core\Look\Patch;
use Inlaid\Core\Look\ZoneState;
use Inlaid\Core\Material\Ambering;
use Inlaid\Core\Material\Dries;
use Inlaid\Core\Material\Sheen;
use Inlaid\Core\Measure\ReadQuantity;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Preview\Cost;
use Inlaid\Core\Technique\Kind\BrushedFull;
use Inlaid\Core\Technique\Kind\GlazedAndWiped;
use Inlaid\Core\Technique\Manner;
use Inlaid\Core\Technique\Zone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The worked examples of the model pages, reckoned anew: page and code cannot drift apart.
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
        yield 'colour, ΔE' => ['colour', '(50, 2.6772, −79.7751) against (50, 0, −82.7485): ΔE %.4f.', [DeltaE2000::between(new Lab(50, 2.6772, -79.7751), new Lab(50, 0, -82.7485))]];
        $film = FilmOptics::of(Optics::of(array_fill(0, 36, 0.0), 1.0), 1.5);
        $over = static fn (float $ground): float => $film->over(Spectrum::even($ground))->bands[0];
        yield 'colour, films' => ['colour', 'K = 0, S·X = 1.5: %.1f over black, two such %.2f, over one half %s.', [$over(0.0), $film->over($film->over(Spectrum::even(0.0)))->bands[0], abs($over(0.5) - 5 / 7) < 1e-12 ? '5/7' : (string) $over(0.5)]];

        $bare = Ground::bare(FirstSurface::of(Sheen::Chalky)->observed(Spectrum::even(0.4)));
        $ks = static fn (Ground $g): float => (1 - $g->inside->bands[0]) ** 2 / (2 * $g->inside->bands[0]);
        yield 'look, wetting' => ['look', 'bare wood of R 0.4 inside has K ÷ S %.2f; wetted %.2f; R %.3f.', [$ks($bare), $ks($bare->wetted(1.0)), $bare->wetted(1.0)->inside->bands[0]]];
        $most = Ambering::Strong->perMicrometre();
        $yellow = static fn (float $years): float => Optics::clear()->yellowed($most, $years)->absorption[0] / $most;
        yield 'look, ambering' => ['look', 'after 1 year %.3f of it, after 5 years %.3f.', [$yellow(1.0), $yellow(5.0)]];
        yield 'look, ambering in the end' => ['look', 'in the end %s (slight) or %s (strong) per µm', [(string) Ambering::Slight->perMicrometre(), (string) $most]];
        yield 'look, relief' => ['look', 'at h 0.6 a glaze is %.1f as thick, at −0.6 it is %.1f.', [self::glazeAt(0.6), self::glazeAt(-0.6)]];

        yield 'drying' => ['drying', 'At 12 °C and 70 %% RH a normal water-based coat takes %.3f ÷ %.3f = %.2f times its label time.', [Climate::reference()->vapourPressureDeficit(), Climate::of(12.0, 70.0)->vapourPressureDeficit(), (new PredictDrying())->factor(Dries::LosingWater, Climate::of(12.0, 70.0), 1.0)]];
        [$first, $second] = (new WorkOutNeed())->need([[2.0, 1.2]], 100.0, 2, (new BrushedFull())->figures());
        yield 'film' => ['film', '%.0f ml laid, %.1f taken; the second coat %.0f laid, %.1f taken.', [$first->laid, $first->poured->toFloat(), $second->laid, $second->poured->toFloat()]];
        yield 'measure' => ['measure', '`1½ cup` in US measures = 3/2 × 236.5882365 = %s ml.', [(string) (new ReadQuantity(UnitSystem::US))->read('1½ cup')->amount->toScale(8)]];
        $leaves = (new FlattenMix())->flatten(Mixture::of('M', Basis::ByVolume, [Part::of(BigRational::one(), Given::powder()), Part::of(BigRational::one(), Given::water())]))->leaves;
        yield 'mixing' => ['mixing', '0.8 g fill %s ml, so %s ml come of 2', [(string) BigRational::of('0.8')->dividedBy('2.4')->simplified(), (string) BigRational::one()->dividedBy($leaves[1]->volume)->simplified()]];
        $cost = Cost::of(6.90, 60, 42.0);
        yield 'cost' => ['cost', '3.38 m² glazed in 60 min at 42 an hour with 6.90 of glaze: %.2f;', [$cost->whole ?? 0.0]];
    }

    /**
     * @param list<float|string> $numbers
     */
    #[DataProvider('examples')]
    public function testTheExampleIsWhatComesOut(string $page, string $words, array $numbers): void
    {
        $text = (string) preg_replace('~\s+~', ' ', strtr((string) file_get_contents(\dirname(__DIR__, 2)."/docs/models/$page.md"), ['\*' => '*']));
        self::assertStringContainsString(vsprintf($words, $numbers), $text);
    }

    /** How thick a glaze lies at a height, against the flat. */
    private static function glazeAt(float $height): float
    {
        $film = new FilmOf('g', new Colourant(ColourantKind::Film, Optics::clear(), null, Sheen::Satin, 0.0, 80.0), 1.0, 0.3);
        $step = new Doing('g', (new GlazedAndWiped())->figures()->act, (new GlazedAndWiped())->pattern(new Manner()), 1, $film, 0.0, '');
        $at = static function (float $h) use ($step): float {
            $bare = Ground::bare(Spectrum::even(0.4));
            $films = array_map(static fn (Patch $p): LaidFilm => $p->films[0], DoStep::to(new ZoneState([Patch::whole($bare, 0.0, $bare)->standing($h)]), $step, Zone::Recess)->patches);

            return $films[0]->wet;
        };

        return $at($height) / $at(0.0);
    }
}
