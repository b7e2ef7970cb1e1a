<?php

declare(strict_types=1);

namespace Inlaid\Tests\Cases;

use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\DayCurve;
use Inlaid\Tests\Http\Studio;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Whole jobs: of good ones nothing is told that a master would not say; of spoiled ones what is wrong, where, and what helps.
 */
final class CasesTest extends TestCase
{
    private const PAGE = __DIR__.'/../../docs/cases.md';
    private const CLIMATE = ['temperature' => 20, 'humidity' => 50, 'air' => 'still'];

    /** @var array<string, list<\stdClass>> of sound jobs, by name: each is looked at by all that spoil it */
    private static array $sound = [];
    private static Studio $studio;
    private static ReadJob $read;

    public static function setUpBeforeClass(): void
    {
        self::$studio = Studio::open();
        self::$read = new ReadJob(self::$studio);
    }

    public static function tearDownAfterClass(): void
    {
        self::$studio->close();
    }

    /**
     * @return iterable<string, array{array<string, mixed>}>
     */
    public static function sound(): iterable
    {
        foreach (ReadJob::all() as $file => $job) {
            yield $file => [$job];
        }
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function spoiled(): iterable
    {
        foreach (ReadJob::all() as $file => $job) {
            foreach ($job['spoiled'] ?? [] as $spoiled) {
                yield "$file: {$spoiled['name']}" => [$job, $spoiled];
            }
        }
    }

    /**
     * @param array<string, mixed> $job
     */
    #[DataProvider('sound')]
    public function testGoodWorkRaisesNoAlarm(array $job): void
    {
        $found = self::$sound[$job['name']] ??= $this->findings($job);
        $alarms = array_filter($found, static fn (\stdClass $f): bool => 'advise' !== $f->severity);
        self::assertSame([], array_values(array_map(static fn (\stdClass $f): string => "$f->severity $f->key: $f->why", $alarms)));
    }

    /**
     * When it is ready, when its pots are mixed, how many minutes hands are at it: what a job says it takes.
     *
     * @param array<string, mixed> $job
     */
    #[DataProvider('expected')]
    public function testAJobTakesWhatItSays(array $job): void
    {
        $preview = $this->preview($job);
        $moment = static fn (?string $iso): string => str_replace('T', ' ', substr((string) $iso, 0, 16));
        $coats = $preview->plan->coats;
        $takes = [
            'ready' => $moment($coats[\count($coats) - 1]->end),
            'mixed' => [],
            'hands' => [],
            'begins' => [],
            'total' => $preview->plan->handsOn,
            'fields' => array_column(
                array_map(
                    static fn (\stdClass $f): array => [$f->id, $f->apart->deltaE ?? null],
                    array_merge(...array_column($preview->parts, 'fields')),
                ),
                1,
                0,
            ),
            'changes' => self::changes($preview),
        ];
        foreach ($preview->steps as $step) {
            $takes['hands'][$step->id] = $step->handsOn;
            $takes['ml'][$step->id] = $step->pour->taken[0]->ml ?? 0.0;
            $takes['area'][$step->id] = $step->area;
            $takes['cover'][$step->id] = $step->film->cover ?? null;
            $takes['order'][$step->id] = $step->order;
            $takes['reaches'][$step->id] = array_column($step->reaches, 'name');
            $takes['sections'][$step->id] = $step->sections->count ?? null;
            foreach ($step->pour->mixes ?? [] as $mix) {
                $takes['mixed'][$step->id][] = $moment($mix->at);
            }
        }
        foreach ($coats as $coat) {
            $takes['begins'][$coat->stepId][] = $moment($coat->stretches[$coat->slakes > 0 ? 1 : 0]->start);
        }
        foreach ($job['takes'] as $what => $expected) {
            self::assertComes($expected, $takes[$what], $what);
        }
    }

    /** [from, to] of numbers is a span; what has names is held one by one; all else is exact. */
    private static function assertComes(mixed $expected, mixed $comes, string $what): void
    {
        if (\is_array($expected) && [0, 1] === array_keys($expected) && is_numeric($expected[0]) && is_numeric($expected[1])) {
            self::assertIsNumeric($comes, $what);
            self::assertGreaterThanOrEqual($expected[0], $comes, $what);
            self::assertLessThanOrEqual($expected[1], $comes, $what);
        } elseif (\is_array($expected) && !array_is_list($expected)) {
            foreach ($expected as $key => $value) {
                self::assertIsArray($comes, $what);
                self::assertComes($value, $comes[$key] ?? null, "$what, $key");
            }
        } else {
            self::assertSame($expected, $comes, $what);
        }
    }

    /**
     * ΔE by which a step moves each zone of the first faces that have it, by step and zone.
     *
     * @return array<string, array<string, float>>
     */
    private static function changes(\stdClass $preview): array
    {
        $changes = [];
        foreach ($preview->stacks as $stack) {
            foreach ($stack->look->after as $after) {
                if (null !== $after->stepId && !isset($changes[$after->stepId])) {
                    foreach ($after->zones as $zone) {
                        $changes[$after->stepId][$zone->zone] = $zone->change->deltaE ?? 0.0;
                    }
                }
            }
        }

        return $changes;
    }

    /**
     * @return iterable<string, array{array<string, mixed>}>
     */
    public static function expected(): iterable
    {
        foreach (ReadJob::all() as $file => $job) {
            if (isset($job['takes'])) {
                yield $file => [$job];
            }
        }
    }

    /**
     * @param array<string, mixed> $job
     * @param array<string, mixed> $spoiled
     */
    #[DataProvider('spoiled')]
    public function testAFaultIsToldAndItsRemediesHelp(array $job, array $spoiled): void
    {
        $of = static fn (array $findings): array => array_values(array_filter(
            $findings,
            static fn (\stdClass $f): bool => $f->rule === $spoiled['told'],
        ));
        self::assertSame([], $of(self::$sound[$job['name']] ??= $this->findings($job)), 'not of the sound job');
        $flawed = ReadJob::spoil($job, $spoiled['change']);
        $all = $this->findings($flawed);
        $found = $of($all);
        self::assertNotSame([], $found, 'told are: '.implode(', ', array_map(static fn (\stdClass $f): string => $f->key, $all)));
        $at = array_unique(array_merge(...array_map(static fn (\stdClass $f): array => $f->steps, $found)));
        self::assertSame([], array_diff((array) $spoiled['at'], $at), 'at: '.implode(', ', $at));
        self::assertStringContainsString($spoiled['says'], implode(' ', array_map(static fn (\stdClass $f): string => $f->why, $found)));
        self::assertSame($spoiled['severity'] ?? 'warn', $found[0]->severity);
        $body = ['document' => self::$read->document($flawed), 'context' => $this->context($flawed)];
        $tried = self::$studio->json('POST', '/api/compute/remedies', $body + ['finding' => $found[0]->key])->remedies;
        $helpful = array_filter($tried, static fn (\stdClass $r): bool => 'helps' === $r->outcome);
        self::assertSame($found[0]->isMendable, [] !== $helpful, implode(' ', array_column($tried, 'why')));
        foreach ($helpful as $remedy) {
            $left = self::$studio->json('POST', '/api/preview', ['document' => $remedy->document] + $body)->preview->findings;
            self::assertNotContains($found[0]->key, array_column($left, 'key'), $remedy->text);
        }
    }

    /** The page that lists all cases by name; INLAID_WRITE=1 writes it. */
    public function testThePageListsThem(): void
    {
        $page = <<<'MD'
            # Cases

            Whole jobs that are good work, and what happens to each when something is done wrong. They stand in
            `tests/Cases/jobs/`, one file a job; [how to write one](../tests/Cases/README.md). Of good work the program
            says nothing but advice; of each fault it names the step, and every remedy that it offers is tried.

            MD;
        foreach (ReadJob::all() as $job) {
            $page .= "\n## {$job['name']}\n\n{$job['work']}\n";
            foreach ($job['spoiled'] ?? [] as $i => $spoiled) {
                $page .= (0 === $i ? "\n" : '')."- {$spoiled['name']}\n";
            }
        }
        if (false !== getenv('INLAID_WRITE')) {
            file_put_contents(self::PAGE, $page);
        }
        self::assertStringEqualsFile(self::PAGE, $page, 'INLAID_WRITE=1 vendor/bin/phpunit tests/Cases');
    }

    /**
     * @param array<string, mixed> $job
     *
     * @return list<\stdClass>
     */
    private function findings(array $job): array
    {
        return $this->preview($job)->findings;
    }

    /**
     * @param array<string, mixed> $job
     */
    private function preview(array $job): \stdClass
    {
        return self::$studio->json('POST', '/api/preview', [
            'document' => self::$read->document($job),
            'context' => $this->context($job),
        ])->preview;
    }

    /**
     * @param array<string, mixed> $job
     *
     * @return array<string, mixed>
     */
    private function context(array $job): array
    {
        $air = $job['air'] ?? [];
        $hours = static fn (string $times): array => array_fill_keys(
            ['mon', 'tue', 'wed', 'thu', 'fri'],
            array_map(static fn (string $t): array => array_combine(['from', 'to'], explode('-', $t)), explode(', ', $times)),
        );
        $day = isset($air['coldest']) ? DayCurve::between($air['coldest'], $air['warmest'], $air['humidity']) : null;

        return array_filter([
            'now' => str_replace(' ', 'T', $job['begin'] ?? '2026-11-23 08:00').':00+01:00',
            'climate' => null === $day ? $air + self::CLIMATE : self::air($day->noon()),
            'day' => null === $day ? null : array_map(self::air(...), $day->hours),
            'hours' => isset($job['hours']) ? $hours($job['hours']) : null,
            'helper' => isset($job['helper']) ? $hours($job['helper']) : null,
        ]);
    }

    /**
     * @return array<string, float|string>
     */
    private static function air(Climate $climate): array
    {
        return ['temperature' => $climate->temperature, 'humidity' => $climate->humidity, 'air' => 'still'];
    }
}
