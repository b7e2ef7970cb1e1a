<?php

declare(strict_types=1);

namespace Inlaid\Tests\Cases;

use Inlaid\Tests\Core\Randomly;
use Inlaid\Tests\Http\Studio;
use PHPUnit\Framework\TestCase;

/**
 * Any job at all, sensible or not: whatever is done to whatever piece, it is answered, and nothing that is told contradicts itself.
 */
final class AnyJobTest extends TestCase
{
    use Randomly;

    private const JOBS = 80;
    private const PURPOSES = ['hide', 'broken-cover', 'pores', 'edges', 'relief', 'functional'];
    private const WAITS = ['nothing', 'touch', 'recoat', 'through', 'overnight'];

    private static Studio $studio;
    private static ReadJob $read;
    /** @var list<string> */
    private static array $shelf = [];
    /** @var list<string> */
    private static array $woods = [];
    /** @var list<string> */
    private static array $finishes = [];
    /** @var list<\stdClass> */
    private static array $techniques = [];

    public static function setUpBeforeClass(): void
    {
        self::$studio = Studio::open();
        self::$read = new ReadJob(self::$studio);
        foreach (self::$studio->json('GET', '/api/materials')->materials as $m) {
            self::$shelf[] = $m->material->id;
        }
        $vocabulary = self::$studio->json('GET', '/api/vocabulary');
        self::$techniques = $vocabulary->techniques;
        self::$woods = array_column($vocabulary->species, 'name');
        self::$finishes = array_values(array_diff(array_column($vocabulary->finishes, 'key'), ['bare']));
    }

    public static function tearDownAfterClass(): void
    {
        self::$studio->close();
    }

    public function testAnyJobIsJudged(): void
    {
        $found = $steps = 0;
        $tried = array_fill_keys(['helps', 'stays', 'worse', 'lacks', 'untried'], 0);
        $this->manyTimes(self::JOBS, function () use (&$found, &$steps, &$tried): void {
            $body = ['document' => self::$read->document($this->job()), 'context' => ['now' => '2026-11-23T08:00:00+01:00']];
            $preview = self::$studio->json('POST', '/api/preview', $body)->preview;
            $ids = array_column($preview->steps, 'id');
            $steps += \count($ids);
            foreach ($preview->steps as $step) {
                self::assertGreaterThanOrEqual(0, min(0, $step->film->dry ?? 0, $step->pour->need->ml ?? 0, $step->handsOn));
                self::assertSame(null === $step->pour, [] === ($step->pour->mixes ?? []));
            }
            foreach ($preview->stacks as $stack) {
                foreach ($stack->look->after as $after) {
                    foreach ($after->zones as $zone) {
                        self::assertEqualsWithDelta(1.0, array_sum($zone->shares), 1e-3);
                    }
                }
                foreach ($stack->layers as $layer) {
                    self::assertGreaterThanOrEqual(0, $layer->thickness);
                }
            }
            self::assertSame(array_unique($keys = array_column($preview->findings, 'key')), $keys, 'told once');
            foreach ($preview->findings as $finding) {
                self::assertSame([], array_diff($finding->steps, $ids), $finding->key);
                self::assertStringNotContainsString('NAN', strtoupper($finding->why));
            }
            $found += \count($keys);
            $mendable = array_values(array_filter($preview->findings, static fn (\stdClass $f): bool => $f->isMendable));
            if ([] !== $mendable && 0 === $this->int(0, 2)) {
                $finding = $mendable[$this->int(0, \count($mendable) - 1)];
                $asked = $body + ['finding' => $finding->key];
                foreach (self::$studio->json('POST', '/api/compute/remedies', $asked)->remedies as $remedy) {
                    ++$tried[$remedy->outcome];
                    if ('helps' === $remedy->outcome) {
                        $body['document'] = $remedy->document;
                        $left = array_column(self::$studio->json('POST', '/api/preview', $body)->preview->findings, 'key');
                        self::assertNotContains($finding->key, $left);
                    }
                }
            }
        });
        self::assertGreaterThan(350, $steps);
        self::assertGreaterThan(350, $found);
        self::assertGreaterThan(12, $tried['helps']);
    }

    /**
     * @return array<string, mixed>
     */
    private function job(): array
    {
        $parts = [];
        foreach (range(1, $this->int(1, 3)) as $i) {
            $parts["Part $i"] = $this->part();
        }
        $steps = [];
        foreach (range(1, $this->int(1, 10)) as $i) {
            $steps[] = $this->step("s$i", array_keys($parts));
        }

        return [
            'name' => 'Any job',
            'parts' => $parts,
            'use' => ['place' => $this->one(['dry', 'wet', 'covered', 'weather']), 'wear' => $this->one(['light', 'daily', 'hard'])],
            'pots' => ['pot' => [$this->one(self::$shelf) => $this->int(1, 5), 'water' => $this->int(1, 5)]],
            'steps' => $steps,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function part(): array
    {
        $part = ['area' => round($this->float(0.05, 4), 3), 'wood' => $this->one(self::$woods)];
        if (0 === $this->int(0, 1)) {
            $part['finish'] = $this->one(self::$finishes);
            $part['state'] = $this->one(['sound', 'worn', 'lifting']);
        }

        return 0 === $this->int(0, 3) ? $part + ['veneer' => round($this->float(0.2, 1), 2)] : $part;
    }

    /**
     * @param list<string> $parts
     *
     * @return array<string, mixed>
     */
    private function step(string $id, array $parts): array
    {
        $technique = $this->one(self::$techniques);
        $profile = $technique->profile;

        return array_filter([
            'id' => $id,
            'do' => $technique->key,
            'with' => $profile->takesMaterial ? ($this->int(0, 2) > 0 ? $this->one(self::$shelf) : 'pot') : null,
            'for' => $this->one(self::PURPOSES),
            'coats' => 'waits' === $profile->effect ? null : $this->int(1, 3),
            'on' => $this->int(0, 2) > 0 ? null : [$this->one($parts)],
            'wait' => $this->one(self::WAITS),
            'hand' => $this->int(0, 3) > 0 ? null : $this->one(['light', 'middle', 'heavy']),
        ], static fn (mixed $v): bool => null !== $v);
    }

    /**
     * @template T
     *
     * @param list<T> $of
     *
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->int(0, \count($of) - 1)];
    }
}
