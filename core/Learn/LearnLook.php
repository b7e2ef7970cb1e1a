<?php

declare(strict_types=1);

namespace Inlaid\Core\Learn;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Look\WorkOutLook;
use Inlaid\Core\Material\Learned;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Optics\FindColourant;
use Inlaid\Core\Work\DescribeSurfaceStep;

/**
 * Learns from the colours read of patches how a material really looks: how strong it is, and which colour it is.
 *
 * Least squares in L*a*b* over all patches that it shows on, by Gauss and Newton, with what is stated as the first guess that as many good
 * readings must outweigh (ridge): four figures — the logarithm of its strength, and L*, a*, b* of its full-strength
 * colour (of a stain on pale wood). The other materials on those patches are taken to be as they are. What it may well be off by comes of
 * the same matrix.
 */
final readonly class LearnLook
{
    /** How far a reading of a photo with a grey card may be off, in L*a*b*: typical. */
    private const READING = 2.5;
    /** How far what is stated may be off: the logarithm of the strength, and L*, a*, b*. Typical. */
    private const STATED = [0.35, 5.0, 5.0, 5.0];
    /** By how much each figure is changed to see what it does: large against the steps of a colour's code. */
    private const TRIED = [0.1, 3.0, 3.0, 3.0];
    /** A patch tells something where one of those changes moves it by as much, in L*a*b*. */
    private const TELLS = 0.3;
    private const ROUNDS = 5;
    private const WHOLE = [0.0, 0.0, 0.0, 0.0];

    public function __construct(private FindColourant $find = new FindColourant())
    {
    }

    /**
     * @param list<SeenPatch> $patches
     */
    public function learn(Material $material, array $patches): LearnedLook
    {
        $stated = $material->look->stated();
        if (null === $stated) {
            return LearnedLook::nothing('No colour can be measured: it is clear, metallic or has no colour set.');
        }
        $patches = array_values(array_filter($patches, static fn (SeenPatch $p): bool => $p->uses($material->id)));
        $from = $this->looks(material: $material, stated: $stated, figures: self::WHOLE, patches: $patches);
        $slopes = $this->slopes(material: $material, stated: $stated, figures: self::WHOLE, patches: $patches, looks: $from);
        $telling = array_filter(
            $slopes,
            static fn (array $of): bool => self::TELLS <= max(
                0.0,
                ...array_map(static fn (array $slope, float $tried): float => $tried * self::length($slope), $of, self::TRIED),
            ),
        );
        if ([] === $telling) {
            return LearnedLook::nothing([] === $patches ? 'No patch with it has been measured yet.' : 'Too faint on the measured patches.');
        }
        [$patches, $from] = [array_values(array_intersect_key($patches, $telling)), array_values(array_intersect_key($from, $telling))];
        [$figures, $matrix] = $this->fit(material: $material, stated: $stated, patches: $patches, from: $from);
        $learned = self::learned($stated, $figures, \count($patches));
        $to = $this->looks(material: $material, stated: $stated, figures: $figures, patches: $patches);
        $within = self::inverse($matrix);
        $told = array_map(
            static fn (SeenPatch $p, Lab $before, Lab $after): LearnedPatch => new LearnedPatch(
                board: $p->board,
                patch: $p->patch,
                seen: $p->seen->light()->colour(),
                stated: $before->light()->colour(),
                learned: $after->light()->colour(),
                offStated: ColourDifference::ofLabs($p->seen, $before),
                offLearned: ColourDifference::ofLabs($p->seen, $after),
            ),
            $patches,
            $from,
            $to,
        );
        $mean = static fn (array $of): float => round(array_sum($of) / \count($of), 2);

        return new LearnedLook(
            learned: $learned,
            why: null,
            stated: $stated,
            offStated: $mean(array_map(static fn (LearnedPatch $p): float => $p->offStated->deltaE, $told)),
            offLearned: $mean(array_map(static fn (LearnedPatch $p): float => $p->offLearned->deltaE, $told)),
            powerWithin: round(exp(sqrt($within[0][0])), 3),
            colourWithin: round(sqrt($within[1][1] + $within[2][2] + $within[3][3]), 2),
            patches: $told,
        );
    }

    /**
     * @param list<SeenPatch> $patches
     * @param list<Lab>       $from    how they look as stated
     *
     * @return array{list<float>, list<list<float>>} the figures, and the matrix whose inverse says how sure they are
     */
    private function fit(Material $material, Colour $stated, array $patches, array $from): array
    {
        $figures = self::WHOLE;
        $looks = $from;
        $least = self::cost($figures, $patches, $looks);
        $matrix = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $slopes = $this->slopes(material: $material, stated: $stated, figures: $figures, patches: $patches, looks: $looks);
            [$matrix, $pull] = self::normal(figures: $figures, patches: $patches, looks: $looks, slopes: $slopes);
            $step = array_map(
                static fn (array $row): float => array_sum(array_map(static fn (float $a, float $b): float => $a * $b, $row, $pull)),
                self::inverse($matrix),
            );
            // Halved until it is better: far off, the look is no straight line of the figures.
            for ($part = 1.0; $part > 0.1; $part /= 2) {
                $tried = self::bounded(array_map(static fn (float $at, float $by): float => $at + $part * $by, $figures, $step));
                $there = $this->looks(material: $material, stated: $stated, figures: $tried, patches: $patches);
                $cost = self::cost($tried, $patches, $there);
                if ($cost < $least) {
                    break;
                }
            }
            if ($cost >= $least) {
                break;
            }
            [$figures, $looks, $least] = [$tried, $there, $cost];
        }

        return [$figures, $matrix];
    }

    /**
     * @param list<float>     $figures
     * @param list<SeenPatch> $patches
     *
     * @return list<Lab>
     */
    private function looks(Material $material, Colour $stated, array $figures, array $patches): array
    {
        $look = new WorkOutLook(new DescribeSurfaceStep($this->find->with($material->learning(self::learned($stated, $figures, 1)))));

        return array_map(static fn (SeenPatch $p): Lab => Lab::ofLight($look->zone($p->part, $p->works)->mean()), $patches);
    }

    /**
     * @param list<float>     $figures
     * @param list<SeenPatch> $patches
     * @param list<Lab>       $looks   with those figures
     *
     * @return list<list<array{float, float, float}>> by patch and figure: how L*, a* and b* turn with it
     */
    private function slopes(Material $material, Colour $stated, array $figures, array $patches, array $looks): array
    {
        $slopes = array_fill(0, \count($patches), []);
        foreach (self::TRIED as $i => $by) {
            $tried = array_map(
                static fn (float $figure, int $k): float => $k === $i ? $figure + $by : $figure,
                $figures,
                array_keys($figures),
            );
            foreach ($this->looks(material: $material, stated: $stated, figures: $tried, patches: $patches) as $k => $there) {
                $slopes[$k][] = array_map(static fn (float $d): float => $d / $by, self::from($looks[$k], $there));
            }
        }

        return $slopes;
    }

    /**
     * The normal equations with what is stated as one more reading.
     *
     * @param list<float>                            $figures
     * @param list<SeenPatch>                        $patches
     * @param list<Lab>                              $looks
     * @param list<list<array{float, float, float}>> $slopes
     *
     * @return array{list<list<float>>, list<float>}
     */
    private static function normal(array $figures, array $patches, array $looks, array $slopes): array
    {
        $matrix = [];
        $pull = [];
        foreach (self::STATED as $i => $stated) {
            $pull[$i] = -$figures[$i] / $stated ** 2;
            foreach (self::STATED as $j => $_) {
                $matrix[$i][$j] = $i === $j ? 1 / $stated ** 2 : 0.0;
            }
        }
        foreach ($patches as $k => $patch) {
            $off = self::from($looks[$k], $patch->seen);
            foreach ($slopes[$k] as $i => $a) {
                $pull[$i] += self::dot($a, $off) / self::READING ** 2;
                foreach ($slopes[$k] as $j => $b) {
                    $matrix[$i][$j] += self::dot($a, $b) / self::READING ** 2;
                }
            }
        }

        return [array_map(array_values(...), array_values($matrix)), array_values($pull)];
    }

    /**
     * @param list<float>     $figures
     * @param list<SeenPatch> $patches
     * @param list<Lab>       $looks
     */
    private static function cost(array $figures, array $patches, array $looks): float
    {
        return array_sum(array_map(static fn (float $at, float $stated): float => ($at / $stated) ** 2, $figures, self::STATED))
            + array_sum(array_map(
                static fn (SeenPatch $p, Lab $look): float => (self::length(self::from($look, $p->seen)) / self::READING) ** 2,
                $patches,
                $looks,
            ));
    }

    /**
     * @param list<float> $figures
     *
     * @return list<float>
     */
    private static function bounded(array $figures): array
    {
        $figures[0] = max(log(Learned::LEAST_POWER), min(log(Learned::MOST_POWER), $figures[0]));

        return $figures;
    }

    /**
     * @param list<float> $figures
     */
    private static function learned(Colour $stated, array $figures, int $patches): Learned
    {
        $at = Lab::of($stated);

        return Learned::of(
            (new Lab($at->l + $figures[1], $at->a + $figures[2], $at->b + $figures[3]))->light()->colour(),
            round(max(Learned::LEAST_POWER, min(Learned::MOST_POWER, exp($figures[0]))), 4),
            $patches,
        );
    }

    /**
     * @return array{float, float, float}
     */
    private static function from(Lab $one, Lab $other): array
    {
        return [$other->l - $one->l, $other->a - $one->a, $other->b - $one->b];
    }

    /**
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     */
    private static function dot(array $a, array $b): float
    {
        return $a[0] * $b[0] + $a[1] * $b[1] + $a[2] * $b[2];
    }

    /**
     * @param array{float, float, float} $a
     */
    private static function length(array $a): float
    {
        return sqrt(self::dot($a, $a));
    }

    /**
     * Of a small matrix that is symmetric and positive definite, by Gauss and Jordan: so no pivot is wanted.
     *
     * @param list<list<float>> $matrix
     *
     * @return list<list<float>>
     */
    private static function inverse(array $matrix): array
    {
        $size = \count($matrix);
        $rows = array_map(
            static fn (array $row, int $i): array => [
                ...$row,
                ...array_map(static fn (int $j): float => $i === $j ? 1.0 : 0.0, range(0, $size - 1)),
            ],
            $matrix,
            range(0, $size - 1),
        );
        for ($i = 0; $i < $size; ++$i) {
            $rows[$i] = array_map(static fn (float $v): float => $v / $rows[$i][$i], $rows[$i]);
            foreach ($rows as $k => $row) {
                if ($k !== $i) {
                    $rows[$k] = array_map(static fn (float $v, float $of): float => $v - $row[$i] * $of, $row, $rows[$i]);
                }
            }
        }

        return array_map(static fn (array $row): array => \array_slice($row, $size), $rows);
    }
}
