<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Board;

use Inlaid\Core\Board\Hands;
use Inlaid\Core\Board\InvalidBoard;
use Inlaid\Core\Board\PatchTiming;
use Inlaid\Core\Board\Staggered;
use Inlaid\Core\Board\StaggerPatches;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * Patches are laid and wiped one after the other, each with the dwell it claims.
 */
final class StaggerTest extends TestCase
{
    use Randomly;

    /**
     * Three patches, 20 s to lay and 30 to wipe, left 60, 120 and 240 s: the longest is laid first (wiped at 260), the second at 20 (wiped
     * at 160), the third at
     * 40 (wiped at 120): all is done after 290 s, which is the longest patch and so cannot be less.
     */
    public function testShorterDwellsFitIntoLongerOnes(): void
    {
        $found = (new StaggerPatches())->stagger([PatchTiming::of(20, 60, 30), PatchTiming::of(20, 120, 30), PatchTiming::of(20, 240, 30)]);
        self::assertSame([290, 290], [$found->length, $found->atLeast]);
        $this->isSound([PatchTiming::of(20, 60, 30), PatchTiming::of(20, 120, 30), PatchTiming::of(20, 240, 30)], $found, Hands::One);
    }

    /**
     * Four patches left for 10 s that take 30 to wipe cannot be laid one into the other by one pair of hands: 4 × 60 s one after the other.
     * With somebody who wipes
     * they begin every 30 s: 3 × 30 + 60.
     */
    public function testAHelperWipes(): void
    {
        $patches = array_fill(0, 4, PatchTiming::of(20, 10, 30));
        self::assertSame(
            [240, 200],
            [(new StaggerPatches())->stagger($patches)->length, (new StaggerPatches())->stagger($patches)->atLeast],
        );
        self::assertSame(150, (new StaggerPatches())->stagger($patches, Hands::Two)->length);
        self::assertSame([0, 0], [(new StaggerPatches())->stagger([])->length, (new StaggerPatches())->stagger([])->atLeast]);
        self::assertSame(
            50,
            (new StaggerPatches())->stagger([PatchTiming::of(20, 0, 0), PatchTiming::of(30, 0, 0)])->length,
            'what is not wiped is only laid',
        );
    }

    /**
     * No two things at once, no dwell changed, never under the bound; on small boards within a fifth of the shortest plan that a search
     * over every second
     * finds, and mostly just that.
     */
    public function testNothingMeetsAndLittleTimeIsLost(): void
    {
        $shortest = $all = 0;
        $this->manyTimes(60, function () use (&$shortest, &$all): void {
            $patches = array_map(
                fn (): PatchTiming => PatchTiming::of($this->int(1, 3), $this->int(0, 7), $this->int(0, 3)),
                range(1, $this->int(1, 4)),
            );
            foreach (Hands::cases() as $hands) {
                $found = (new StaggerPatches())->stagger($patches, $hands);
                $this->isSound($patches, $found, $hands);
                $least = $this->exhaustive($patches, $hands);
                self::assertGreaterThanOrEqual($least, $found->length);
                self::assertLessThanOrEqual(1.2 * $least + 1, $found->length);
                self::assertLessThanOrEqual($least, $found->atLeast);
                ++$all;
                $shortest += (int) ($least === $found->length);
            }
        });
        self::assertGreaterThan(0.85 * $all, $shortest, "$shortest of $all are the shortest there are");
    }

    public function testALargeBoardIsPlannedToo(): void
    {
        $this->manyTimes(3, function (): void {
            $patches = array_map(
                fn (): PatchTiming => PatchTiming::of($this->int(10, 25), 60 * $this->int(1, 8), $this->int(15, 40)),
                range(1, 24),
            );
            $found = (new StaggerPatches())->stagger($patches);
            $this->isSound($patches, $found, Hands::One);
            self::assertLessThan(1.6 * $found->atLeast, $found->length);
        });
        $this->expectException(InvalidBoard::class);
        (new StaggerPatches())->stagger(array_fill(0, StaggerPatches::MOST + 1, PatchTiming::of(1, 1, 1)));
    }

    /**
     * @param list<PatchTiming> $patches
     */
    private function isSound(array $patches, Staggered $found, Hands $hands): void
    {
        self::assertSameSize($patches, $found->starts);
        $lays = $wipes = [];
        foreach ($patches as $i => $p) {
            $lays[] = [$found->starts[$i], $found->starts[$i] + $p->lay];
            $wipes[] = [$found->starts[$i] + $p->lay + $p->dwell, $found->starts[$i] + $p->whole()];
        }
        foreach (Hands::One === $hands ? [[...$lays, ...$wipes]] : [$lays, $wipes] as $tasks) {
            $tasks = array_values(array_filter($tasks, static fn (array $t): bool => $t[1] > $t[0]));
            usort($tasks, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
            for ($i = 1; $i < \count($tasks); ++$i) {
                self::assertGreaterThanOrEqual($tasks[$i - 1][1], $tasks[$i][0], 'two things at once');
            }
        }
        self::assertSame($found->length, max([0, ...array_column($wipes, 1)]));
        self::assertGreaterThanOrEqual($found->atLeast, $found->length);
    }

    /**
     * The shortest of all plans that begin at whole seconds.
     *
     * @param list<PatchTiming> $patches
     */
    private function exhaustive(array $patches, Hands $hands): int
    {
        $best = array_sum(array_map(static fn (PatchTiming $p): int => $p->whole(), $patches));
        $place = static function (int $i, array $laying, array $wiping, int $end) use (&$place, &$best, $patches, $hands): void {
            if ($end >= $best) {
                return;
            }
            if ($i === \count($patches)) {
                $best = $end;

                return;
            }
            $p = $patches[$i];
            for ($at = 0; $at + $p->whole() < $best; ++$at) {
                $lay = $wipe = [];
                for ($s = 0; $s < $p->lay; ++$s) {
                    $lay[$at + $s] = true;
                }
                for ($s = 0; $s < $p->wipe; ++$s) {
                    $wipe[$at + $p->lay + $p->dwell + $s] = true;
                }
                $taken = Hands::One === $hands
                    ? [] !== array_intersect_key($lay + $wipe, $laying + $wiping)
                    : [] !== array_intersect_key($lay, $laying) || [] !== array_intersect_key($wipe, $wiping);
                if (!$taken) {
                    $place($i + 1, $laying + $lay, $wiping + $wipe, max($end, $at + $p->whole()));
                }
            }
        };
        $place(0, [], [], 0);

        return $best;
    }
}
