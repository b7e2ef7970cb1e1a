<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Film;

use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Film\GritLadder;
use Inlaid\Core\Film\JarRunsOut;
use Inlaid\Core\Film\LayCoat;
use Inlaid\Core\Film\WorkOutNeed;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * Film and need: what must hold for every technique.
 */
final class NeedTest extends TestCase
{
    use Randomly;

    public function testWhatIsTakenIsWhatIsLaidPlusLossPlusWhatTheToolKeeps(): void
    {
        foreach (Given::techniques()->all() as $technique) {
            $figures = $technique->profile();
            foreach ((new WorkOutNeed())->need([[1.5, 1.4], [0.5, 1.0]], 80.0, 3, $figures) as $coat => $need) {
                self::assertEqualsWithDelta(
                    80 * $figures->cover * (0 === $coat ? 1.5 * 1.4 + 0.5 : 2.0),
                    $need->laid,
                    1e-9,
                    $technique->key(),
                );
                self::assertEqualsWithDelta($need->laid, ($need->taken - $figures->holdUp) * (1 - $figures->loss), 1e-9, $technique->key());
            }
        }
    }

    public function testNoTechniqueLeavesMoreThanItLaysAndThinNeverMoreThanHeavy(): void
    {
        $mix = (new DeriveCharacter())->derive((new FlattenMix())->flatten(Given::paint()));
        foreach ($this->laying() as $technique) {
            $films = array_map(static fn (FilmWeight $w) => (new LayCoat())->lay($mix, $technique->profile(), $w), FilmWeight::cases());
            foreach ($films as $film) {
                self::assertNotNull($film);
                self::assertLessThanOrEqual($film->wet, $film->stays, $technique->key());
                self::assertLessThanOrEqual($film->stays, $film->dry, $technique->key());
            }
            self::assertLessThan($films[1]?->wet, $films[0]?->wet);
            self::assertLessThan($films[2]?->wet, $films[1]?->wet);
        }
        self::assertNull((new LayCoat())->lay(
            (new DeriveCharacter())->derive((new FlattenMix())->flatten(Given::water())),
            Given::techniques()->named('brushed')->profile(),
            FilmWeight::Normal,
        ));
    }

    public function testAJarIsEmptyWhereItSaysAndNotBefore(): void
    {
        $this->manyTimes(200, function (): void {
            $coats = array_map(fn (): array => [$this->float(5, 300), $this->float(0.1, 4)], range(1, $this->int(1, 6)));
            $jar = $this->float(10, 900);
            $out = JarRunsOut::where($jar, $coats);
            $all = array_sum(array_column($coats, 0));
            if (null === $out) {
                self::assertLessThanOrEqual($jar + 1e-6, $all);

                return;
            }
            [$taken, $area] = $coats[$out->coat - 1];
            $used = array_sum(array_column(\array_slice($coats, 0, $out->coat - 1), 0)) + $taken * $out->area / $area;
            self::assertEqualsWithDelta($jar, $used, 1e-6);
            self::assertLessThan($area, $out->area);
        });
    }

    /**
     * A coarser last grit takes up more, 180 is the measure of it, and the ends are kept within reason.
     */
    public function testUptakeFallsWithFinerGrit(): void
    {
        $last = \INF;
        foreach ([24, 80, 120, 150, 180, 220, 320, 600, 3000] as $grit) {
            $now = GritLadder::uptake($grit);
            self::assertLessThanOrEqual($last, $now);
            self::assertGreaterThanOrEqual(0.75, $now);
            self::assertLessThanOrEqual(1.2, $now);
            $last = $now;
        }
        self::assertSame(1.0, GritLadder::uptake(180));
    }

    public function testEveryTechniqueAndSchoolIsWholeAndNamedOnce(): void
    {
        $techniques = Given::techniques()->all();
        self::assertGreaterThanOrEqual(35, \count($techniques));
        self::assertSameSize($techniques, array_unique(array_map(static fn (Technique $t): string => $t->name(), $techniques)));
        foreach ($techniques as $t) {
            self::assertMatchesRegularExpression('/^[a-z-]+$/', $t->key());
            self::assertNotSame('', $t->does());
            self::assertTrue(Effect::Waits === $t->profile()->effect || $t->profile()->rate > 0 || $t->profile()->each > 0, $t->key());
        }
        $base = Given::practices()->habits([], []);
        foreach (Given::practices()->all() as $school) {
            $changes = array_filter(
                $school->choices(),
                static fn ($c): bool => Given::practices()->habits([$school->key() => $c->key], []) !== $base,
            );
            self::assertNotEmpty($changes, $school->key().' changes nothing');
            foreach ($school->choices() as $choice) {
                self::assertNotSame('', $choice->why);
            }
        }
    }

    /**
     * @return list<Technique>
     */
    private function laying(): array
    {
        return array_values(array_filter(
            Given::techniques()->all(),
            static fn (Technique $t): bool => Effect::Adds === $t->profile()->effect && $t->profile()->takesMaterial,
        ));
    }

    /**
     * What stays grows with the root of the dwell: as the technique says after a third of the open time, twice that after four times as
     * long; never all of it; what is not wiped stays.
     */
    public function testTheDwellDecidesWhatStays(): void
    {
        $mix = (new DeriveCharacter())->derive((new FlattenMix())->flatten(Given::paint(open: 15)));
        $washed = Given::techniques()->named('washed-wiped')->profile();
        $stays = static fn (?int $dwell, ?float $left = null, ?TechniqueProfile $of = null): float => (new LayCoat())->lay(
            $mix,
            $of ?? $washed,
            FilmWeight::Normal,
            $left,
            $dwell,
        )->stays ?? 0.0;
        self::assertEqualsWithDelta($stays(null), $stays(5), 1e-9);
        self::assertEqualsWithDelta(2 * $stays(5), $stays(20), 1e-9);
        self::assertEqualsWithDelta(0.4 * $stays(5), $stays(0), 1e-9);
        self::assertEqualsWithDelta(95.0, $stays(600), 1e-9);
        self::assertEqualsWithDelta(20.0, $stays(600, 0.2), 1e-9, 'as stated, whatever the dwell');
        self::assertSame(
            $stays(null, null, Given::techniques()->named('brushed')->profile()),
            $stays(10, null, Given::techniques()->named('brushed')->profile()),
        );
    }
}
