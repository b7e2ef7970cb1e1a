<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Brick\Math\BigRational;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Context\PotAtHand;
use Inlaid\Core\Drying\Air;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Drying\Place;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\MeasureAtHand;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Mixing\Vessel;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Practice\PersonalFactors;
use Inlaid\Core\Practice\Practices;

/**
 * Reads the studio's settings (`docs/formats/settings.schema.json`); with `now` they are the context of a preview.
 */
final readonly class ReadSettings
{
    public const FIELDS = [
        'units',
        'drop',
        'currency',
        'rate',
        'zone',
        'hours',
        'exceptions',
        'helper',
        'ownPace',
        'ownDrying',
        'ownAmounts',
        'climate',
        'places',
        'flame',
        'measures',
        'cups',
        'tolerance',
        'schools',
    ];
    private const DAYS = ['mon' => 1, 'tue' => 2, 'wed' => 3, 'thu' => 4, 'fri' => 5, 'sat' => 6, 'sun' => 7];

    public function __construct(private Practices $practices, private ReadLeft $left = new ReadLeft())
    {
    }

    /**
     * @param mixed $json settings, objects as objects
     *
     * @throws InvalidInput
     */
    public function check(mixed $json, string $pointer = ''): void
    {
        Node::read($json, fn (Node $n): Context => $this->context($n->fields(...self::FIELDS), 0), $pointer);
    }

    /**
     * @param mixed $json settings and `now`, objects as objects
     *
     * @throws InvalidInput
     */
    public function read(mixed $json, string $pointer = ''): Context
    {
        return Node::read($json, function (Node $n): Context {
            $n->fields('now', 'day', 'stock', 'pots', 'own', ...self::FIELDS);
            $now = $n->string('now', 40);
            $at = 1 === preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/', $now)
                ? date_create_immutable($now)
                : false;

            return $this->context(
                $n,
                false === $at ? $n->refuse('now', 'Enter a time, for example 2026-11-24T08:00:00+01:00') : $at->getTimestamp(),
            );
        }, $pointer);
    }

    private function context(Node $n, int $now): Context
    {
        $n->string('currency', 8);
        $drop = $n->exact('drop');
        if ($drop->isLessThan('1/100') || $drop->isGreaterThan('1/2')) {
            $n->refuse('drop', 'Enter a drop size from 0.01 to 0.5 ml');
        }
        $tolerance = $n->exact('tolerance');
        if (!$tolerance->isPositive() || $tolerance->isGreaterThan('1/4')) {
            $n->refuse('tolerance', 'Enter a tolerance above 0 and up to 25 %');
        }
        $rate = $n->floatOrNull('rate');
        if (null !== $rate && ($rate < 0 || $rate > 100_000)) {
            $n->refuse('rate', 'Enter an hourly rate from 0 to 100,000');
        }
        $climate = $n->child('climate')->fields('temperature', 'humidity', 'air', 'surface');

        return new Context(
            now: $now,
            working: $this->working($n),
            climate: $climate->make(static fn (): Climate => Climate::of(
                temperature: $climate->float('temperature'),
                humidity: $climate->float('humidity'),
                air: $climate->enum('air', Air::class),
                surface: $climate->floatOrNull('surface'),
            )),
            units: $n->enum('units', UnitSystem::class),
            measures: $n->list('measures', $this->measure(...), 40),
            vessels: $n->list('cups', $this->cup(...), 40),
            drop: $drop,
            tolerance: $tolerance,
            schools: $n->has('schools') ? $n->map('schools', function (Node $answer): string {
                $answer->make(fn () => $this->practices->check($answer->name(), $answer->asString(60)));

                return $answer->asString();
            }, 50) : [],
            rate: $rate,
            flame: $n->has('flame') && $n->bool('flame'),
            stock: $n->has('stock') ? $n->map('stock', fn (Node $left): Quantity => $this->left->read($left), 20_000) : [],
            pots: $n->has('pots') ? $n->list('pots', $this->pot(...), 20_000) : [],
            places: $this->places($n),
            helper: $n->has('helper') ? $this->working($n, 'helper') : null,
            own: $this->own($n),
            day: $n->has('day') ? $this->day($n) : null,
        );
    }

    private function day(Node $n): DayCurve
    {
        $hours = $n->list('day', static fn (Node $h): Climate => $h->fields('temperature', 'humidity', 'air')->make(
            static fn (): Climate => Climate::of($h->float('temperature'), $h->float('humidity'), $h->enum('air', Air::class)),
        ), 24);

        return DayCurve::measured($hours) ?? $n->refuse('day', 'Enter the air of 24 hours, from midnight');
    }

    /** Whether they are used is a setting, as they are in the context. */
    private function own(Node $n): PersonalFactors
    {
        foreach (['ownPace', 'ownDrying', 'ownAmounts'] as $switch) {
            if ($n->has($switch)) {
                $n->bool($switch);
            }
        }
        $own = $n->childOrNull('own')?->fields('paces', 'drying', 'amounts');
        $factor = static fn (Node $f): float => ($times = $f->asFloat()) >= 0.1 && $times <= 10.0
            ? $times
            : $f->refuseHere('Your figures can be from a tenth to ten times typical.');
        $all = static fn (string $of): array => true === $own?->has($of) ? $own->map($of, $factor) : [];

        return new PersonalFactors($all('paces'), $all('drying'), $all('amounts'));
    }

    private function pot(Node $n): PotAtHand
    {
        $grams = $n->fields('id', 'name', 'goodUntil', 'holds')->map('holds', static fn (Node $g): BigRational => $g->asExact(), 2000);
        foreach ($grams as $amount) {
            if (!$amount->isPositive()) {
                $n->refuse('holds', 'Contents must be above 0');
            }
        }

        $day = $n->dayOrNull('goodUntil');

        return new PotAtHand(
            id: $n->id('id'),
            name: $n->string('name', 120),
            goodUntil: null === $day ? null : PotAtHand::endOf($day),
            grams: $grams,
        );
    }

    /**
     * @return array<string, Place>
     */
    private function places(Node $n): array
    {
        $byId = [];
        $n->has('places') && $n->list('places', static function (Node $p) use (&$byId): void {
            $id = $p->fields('id', 'name', 'coldest', 'warmest', 'humidity', 'air', 'holds')->id('id');
            $holds = $p->intOrNull('holds');
            null !== $holds && ($holds < 1 || $holds > 1000) && $p->refuse('holds', 'Enter 1 to 1000 pieces, or leave empty');
            if (isset($byId[$id])) {
                $p->refuse('id', 'This place exists twice.');
            }
            $byId[$id] = new Place(
                id: $id,
                name: $p->string('name', 60),
                air: $p->make(
                    static fn (): DayCurve => DayCurve::between(
                        coldest: $p->float('coldest'),
                        warmest: $p->float('warmest'),
                        humidity: $p->float('humidity'),
                        air: $p->enum('air', Air::class),
                    ),
                    'coldest',
                ),
                holds: $holds,
            );
        }, 20);

        return $byId;
    }

    private function working(Node $n, string $of = 'hours'): WorkingTime
    {
        $hours = $n->child($of)->fields(...array_keys(self::DAYS));
        $week = [];
        foreach (self::DAYS as $name => $number) {
            $week[$number] = $hours->has($name) ? $hours->list($name, $this->stretch(...), 8) : [];
        }
        $zone = $n->string('zone', 60);
        $n->make(static fn (): \DateTimeZone => WorkingTime::zone($zone), 'zone');

        return $n->make(fn (): WorkingTime => WorkingTime::of($zone, $week, $this->exceptions($n)), $of);
    }

    /**
     * @return array<string, list<array{int, int}>> hours by date
     */
    private function exceptions(Node $n): array
    {
        $byDate = [];
        $n->has('exceptions') && $n->list('exceptions', function (Node $e) use (&$byDate): void {
            $date = $e->fields('date', 'hours')->string('date', 10);
            if (1 !== preg_match('/^(\d{4})-(\d\d)-(\d\d)$/', $date, $m)) {
                $e->refuse('date', 'Enter a date, for example 2026-12-24');
            }
            if (!checkdate((int) $m[2], (int) $m[3], (int) $m[1])) {
                $e->refuse('date', \sprintf('%s doesn\'t exist.', $date));
            }
            if (isset($byDate[$date])) {
                $e->refuse('date', \sprintf('%s exists twice.', $date));
            }
            $byDate[$date] = $e->list('hours', $this->stretch(...), 8);
        }, 400);

        return $byDate;
    }

    /**
     * @return array{int, int} minutes after midnight
     */
    private function stretch(Node $n): array
    {
        $n->fields('from', 'to');
        $minutes = static fn (string $name): int => 1 === preg_match('/^([01]\d|2[0-4]):([0-5]\d)$/', $n->string($name, 5), $m)
            ? 60 * (int) $m[1] + (int) $m[2]
            : $n->refuse($name, 'Enter a time of day, for example 08:30');

        return [$minutes('from'), $minutes('to')];
    }

    private function measure(Node $n): MeasureAtHand
    {
        $n->fields('name', 'dimension', 'step', 'capacity');

        return $n->make(
            static fn (): MeasureAtHand => MeasureAtHand::of(
                name: $n->string('name', 60),
                step: $n->exact('step'),
                capacity: $n->exact('capacity'),
                dimension: $n->enum('dimension', Dimension::class),
            ),
            'step',
        );
    }

    private function cup(Node $n): Vessel
    {
        return self::vessel($n);
    }

    /**
     * {"shape": "round", "bottom": mm, "top": mm, "height": mm} or {"shape": "tray", …, "bottomWidth": mm, "topWidth": mm}.
     */
    public static function vessel(Node $n): Vessel
    {
        $n->fields('name', 'shape', 'bottom', 'top', 'bottomWidth', 'topWidth', 'height');
        $shape = $n->string('shape', 10);

        return $n->make(static fn (): Vessel => match ($shape) {
            'round' => Vessel::cup(
                name: $n->string('name', 60),
                bottomDiameter: $n->float('bottom'),
                topDiameter: $n->float('top'),
                height: $n->float('height'),
            ),
            'tray' => Vessel::tray(
                name: $n->string('name', 60),
                bottom: [$n->float('bottom'), $n->float('bottomWidth')],
                top: [$n->float('top'), $n->float('topWidth')],
                height: $n->float('height'),
            ),
            default => $n->refuse('shape', 'Choose round or tray'),
        }, 'height');
    }
}
