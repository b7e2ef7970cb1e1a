<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * Works out what an old finish most likely is, and which test would tell most next.
 *
 * Bayes' rule over the kinds of finish, the tests taken as independent of one another given the kind. The likelihoods are
 * typical of the trade's experience, not measured: a drop that softens shellac all but always softens nothing else so fast.
 * The next test is the one whose answer is expected to take away most uncertainty (Shannon's entropy, in bits).
 */
final class DecideFinish
{
    /** How probable the first answer of each test is, by kind: bare, oiled, waxed, shellac, varnish, lacquer, paint. */
    private const LIKELIHOOD = [
        'water' => [0.97, 0.5, 0.12, 0.06, 0.04, 0.03, 0.05],
        'spirit' => [0.02, 0.25, 0.95, 0.06, 0.03, 0.02, 0.03],
        'alcohol' => [0.02, 0.04, 0.05, 0.96, 0.06, 0.15, 0.12],
        'thinner' => [0.02, 0.08, 0.15, 0.6, 0.25, 0.96, 0.35],
    ];
    /** What an old piece of which nothing is known mostly carries, in the same order: typical of what comes to a workshop. */
    private const USUAL = [0.08, 0.12, 0.14, 0.18, 0.22, 0.12, 0.14];
    /** How probable it is that a painter who names a finish without a test is right: typical of honest labels at sales. */
    private const BELIEF = 0.6;

    /**
     * @param array<string, string> $tests answers by the key of the test
     *
     * @return non-empty-list<LikelyFinish> the most probable first
     */
    public function decide(FinishKind $believed, array $tests): array
    {
        $kinds = self::kinds();
        $probability = $this->posterior($believed, $tests);
        $found = array_map(
            static fn (FinishKind $k, float $p): LikelyFinish => new LikelyFinish($k, $k->inWords(), round($p, 4)),
            $kinds,
            $probability,
        );
        usort($found, static fn (LikelyFinish $a, LikelyFinish $b): int => $b->probability <=> $a->probability);

        return $found;
    }

    /**
     * The test that is expected to tell most, and how much, in bits; null where none would tell a twentieth of a bit.
     *
     * @param array<string, string> $tests
     *
     * @return array{FieldTest, float}|null
     */
    public function next(FinishKind $believed, array $tests): ?array
    {
        $now = self::entropy($this->posterior($believed, $tests));
        $best = null;
        foreach (array_keys(self::LIKELIHOOD) as $key) {
            if (isset($tests[$key])) {
                continue;
            }
            $test = FieldTest::from($key);
            $then = 0.0;
            foreach (array_keys($test->answers()) as $answer) {
                $then += $this->chance(
                    believed: $believed,
                    tests: $tests,
                    test: $test,
                    answer: $answer,
                ) * self::entropy($this->posterior($believed, [$key => $answer] + $tests));
            }
            if ($now - $then > max(0.05, $best[1] ?? 0.0)) {
                $best = [$test, $now - $then];
            }
        }

        return $best;
    }

    /**
     * @return non-empty-list<FinishKind> all but the unknown one
     */
    private static function kinds(): array
    {
        return [
            FinishKind::Bare,
            FinishKind::Oiled,
            FinishKind::Waxed,
            FinishKind::Shellac,
            FinishKind::Varnish,
            FinishKind::Lacquer,
            FinishKind::Paint,
        ];
    }

    /**
     * @param array<string, string> $tests
     *
     * @return non-empty-list<float> by kind, summing to 1
     */
    private function posterior(FinishKind $believed, array $tests): array
    {
        $weights = [];
        foreach (self::kinds() as $i => $kind) {
            $weight = self::prior($i, $believed);
            foreach (self::LIKELIHOOD as $key => $likely) {
                if (isset($tests[$key])) {
                    $weight *= array_key_first(FieldTest::from($key)->answers()) === $tests[$key] ? $likely[$i] : 1 - $likely[$i];
                }
            }
            $weights[] = $weight;
        }
        $sum = array_sum($weights);

        return array_map(static fn (float $w): float => $w / $sum, $weights);
    }

    /**
     * How probable the kind is before any test: what is usual, or what the painter believes.
     */
    private static function prior(int $kind, FinishKind $believed): float
    {
        $named = array_search($believed, self::kinds(), true);

        return match (true) {
            false === $named => self::USUAL[$kind],
            $named === $kind => self::BELIEF,
            default => (1 - self::BELIEF) * self::USUAL[$kind] / (1 - self::USUAL[$named]),
        };
    }

    /**
     * How probable an answer is before the test is made.
     *
     * @param array<string, string> $tests
     */
    private function chance(FinishKind $believed, array $tests, FieldTest $test, string $answer): float
    {
        $first = array_key_first($test->answers()) === $answer;
        $chance = 0.0;
        foreach ($this->posterior($believed, $tests) as $i => $p) {
            $likely = self::LIKELIHOOD[$test->value][$i] ?? 0.5;
            $chance += $p * ($first ? $likely : 1 - $likely);
        }

        return $chance;
    }

    /**
     * @param list<float> $probability
     */
    private static function entropy(array $probability): float
    {
        return -array_sum(array_map(static fn (float $p): float => $p > 0 ? $p * log($p, 2) : 0.0, $probability));
    }
}
