<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The settings of the studio: what they change, what is refused and where, and that nothing is half kept.
 */
final class SettingsTest extends TestCase
{
    private Studio $studio;

    protected function setUp(): void
    {
        $this->studio = Studio::open();
    }

    protected function tearDown(): void
    {
        $this->studio->close();
    }

    /**
     * @return iterable<string, array{\Closure(\stdClass): mixed, string, string}>
     */
    public static function nonsense(): iterable
    {
        yield 'a unit nobody has' => [static fn (\stdClass $s) => $s->units = 'cubits', '/units', 'metric, us, imperial'];
        yield 'a drop as large as a spoon' => [static fn (\stdClass $s) => $s->drop = '5', '/drop', 'from 0.01 to 0.5 ml'];
        yield 'a drop as a number' => [static fn (\stdClass $s) => $s->drop = 0.05, '/drop', 'exact number as text'];
        yield 'no tolerance' => [static fn (\stdClass $s) => $s->tolerance = '0', '/tolerance', 'above 0'];
        yield 'any tolerance' => [static fn (\stdClass $s) => $s->tolerance = '1', '/tolerance', 'up to 25 %'];
        yield 'a place that is none' => [
            static fn (\stdClass $s) => $s->zone = 'Mars/Olympus',
            '/zone',
            'Unknown time zone “Mars/Olympus”',
        ];
        yield 'a day that ends before it begins' => [
            static fn (\stdClass $s) => $s->hours->tue = [['from' => '17:00', 'to' => '08:00']],
            '/hours',
            'start before the end',
        ];
        yield 'hours that overlap' => [
            static fn (\stdClass $s) => $s->hours->wed = [['from' => '08:00', 'to' => '12:00'], ['from' => '11:00', 'to' => '14:00']],
            '/hours',
            'without overlaps',
        ];
        yield 'an hour that is none' => [
            static fn (\stdClass $s) => $s->hours->thu = [['from' => '8', 'to' => '12:00']],
            '/hours/thu/0/from',
            'for example 08:30',
        ];
        yield 'a day that is none' => [static fn (\stdClass $s) => $s->hours->someday = [], '/hours/someday', 'Unknown field'];
        yield 'no hours at all' => [static fn (\stdClass $s) => $s->hours = new \stdClass(), '/hours', 'at least one day'];
        yield 'a date that is none' => [
            static fn (\stdClass $s) => $s->exceptions = [['date' => '2026-02-31', 'hours' => []]],
            '/exceptions/0/date',
            '2026-02-31 doesn',
        ];
        yield 'a date written otherwise' => [
            static fn (\stdClass $s) => $s->exceptions = [['date' => '24.12.2026', 'hours' => []]],
            '/exceptions/0/date',
            'for example 2026-12-24',
        ];
        yield 'a date twice' => [
            static fn (\stdClass $s) => $s->exceptions = [['date' => '2026-12-24', 'hours' => []], ['date' => '2026-12-24', 'hours' => []]],
            '/exceptions/1/date',
            'exists twice',
        ];
        yield 'an oven' => [static fn (\stdClass $s) => $s->climate->temperature = 200, '/climate', 'from −30 to 60'];
        yield 'dry as nothing' => [static fn (\stdClass $s) => $s->climate->humidity = 0, '/climate', 'from 1 to 100'];
        yield 'a storm' => [static fn (\stdClass $s) => $s->climate->air = 'storm', '/climate/air', 'still, moving, fan'];
        yield 'a spoon of nothing' => [static fn (\stdClass $s) => $s->measures[0]->step = '0', '/measures/0/step', 'step above zero'];
        yield 'a jug smaller than its mark' => [
            static fn (\stdClass $s) => $s->measures[3]->capacity = '5',
            '/measures/3/step',
            'at least one step',
        ];
        yield 'a cup without height' => [static fn (\stdClass $s) => $s->cups[1]->height = 0, '/cups/1/height', 'above 0'];
        yield 'a square cup' => [static fn (\stdClass $s) => $s->cups[1]->shape = 'square', '/cups/1/shape', 'round or tray'];
        yield 'a tray of one width' => [static fn (\stdClass $s) => $s->cups[1]->shape = 'tray', '/cups/1/bottomWidth', 'Missing'];
        yield 'a question nobody asks' => [
            static fn (\stdClass $s) => $s->schools = (object) ['moon' => 'full'],
            '/schools/moon',
            'Unknown practice “moon”',
        ];
        yield 'something else' => [static fn (\stdClass $s) => $s->theme = 'dark', '/theme', 'Unknown field “theme”'];
        yield 'a rate below nothing' => [static fn (\stdClass $s) => $s->rate = -1, '/rate', '0 to 100,000'];
        yield 'no currency' => [static fn (\stdClass $s) => $s->currency = '', '/currency', 'Required'];
    }

    /**
     * @param \Closure(\stdClass): mixed $spoil
     */
    #[DataProvider('nonsense')]
    public function testNonsenseIsRefusedAtItsPlaceAndNothingChanges(\Closure $spoil, string $pointer, string $says): void
    {
        $kept = $this->studio->json('GET', '/api/settings');
        $before = Json::encode($kept);
        $spoil($kept->settings);
        foreach ([
            ['PUT', '/api/settings', $kept, '/settings'],
            ['POST', '/api/preview', ['document' => $this->studio->recipe()->document, 'context' => $kept->settings], '/context'],
        ] as [$method, $path, $body, $under]) {
            $messages = array_column($this->studio->json($method, $path, $body, 422)->violations, 'message', 'pointer');
            self::assertArrayHasKey($under.$pointer, $messages, Json::encode($messages));
            self::assertStringContainsString($says, $messages[$under.$pointer]);
        }
        self::assertSame($before, Json::encode($this->studio->json('GET', '/api/settings')));
    }

    /**
     * Every setting is felt: each of these changes alone what the same recipe works out to.
     */
    public function testEverySettingIsFelt(): void
    {
        $document = $this->studio->recipe('stools')->document;
        $preview = fn (array $context): \stdClass => $this->studio->json(
            'POST',
            '/api/preview',
            ['document' => $document, 'context' => ['now' => '2026-11-25T07:00:00+01:00'] + $context],
        )->preview;
        $usual = $preview([]);
        $felt = [
            'units' => [['units' => 'us'], static fn (\stdClass $p): mixed => $p->steps[2]->pour->mixes[0]->batch->yield->text],
            'hours' => [
                ['hours' => ['wed' => [['from' => '08:00', 'to' => '10:00']], 'fri' => [['from' => '08:00', 'to' => '17:00']]]],
                static fn (\stdClass $p): mixed => $p->plan->readyOn,
            ],
            'exceptions' => [
                ['exceptions' => [['date' => '2026-11-25', 'hours' => []]]],
                static fn (\stdClass $p): mixed => $p->plan->readyOn,
            ],
            'zone' => [['zone' => 'Asia/Tokyo'], static fn (\stdClass $p): mixed => $p->plan->coats[0]->stretches[0]->start],
            'climate' => [
                ['climate' => ['temperature' => 12, 'humidity' => 75, 'air' => 'still']],
                static fn (\stdClass $p): mixed => $p->steps[2]->drying->recoat->planned,
            ],
            'measures' => [
                ['measures' => [['name' => 'scale', 'dimension' => 'mass', 'step' => '0.1', 'capacity' => '2000']]],
                static fn (\stdClass $p): mixed => $p->steps[2]->pour->mixes[0]->batch->lines[0]->how,
            ],
            'cups' => [
                ['cups' => [[
                    'name' => 'Tray',
                    'shape' => 'tray',
                    'bottom' => 200,
                    'bottomWidth' => 150,
                    'top' => 220,
                    'topWidth' => 170,
                    'height' => 60,
                ]]],
                static fn (\stdClass $p): mixed => $p->steps[2]->pour->mixes[0]->cup->name,
            ],
            'tolerance' => [['tolerance' => '0.0001'], static fn (\stdClass $p): mixed => $p->steps[2]->pour->mixes[0]->batch->error],
            'schools' => [['schools' => ['coat-thickness' => 'heavy-few']], static fn (\stdClass $p): mixed => $p->steps[4]->film->wet],
        ];
        foreach ($felt as $what => [$context, $look]) {
            self::assertNotSame($look($usual), $look($preview($context)), $what);
        }
        self::assertSame(
            '2026-11-25T15:00:00+09:00',
            $preview(['zone' => 'Asia/Tokyo'])->plan->coats[0]->stretches[0]->start,
            '07:00 in the studio is 15:00 there',
        );
    }

    public function testTheDropAndTheSystemAreTheStudiosOwn(): void
    {
        $document = $this->studio->recipe()->document;
        $yield = fn (string $amount, array $context): string => $this->studio->json(
            'POST',
            '/api/compute/mix',
            [
                'materials' => $document->materials,
                'mixes' => $document->mixes,
                'of' => ['mix' => 'wash'],
                'amount' => $amount,
                'context' => $context,
            ],
        )->exact->yield->exact;
        self::assertSame('0.6', $yield('12 drops', ['drop' => '0.05']));
        self::assertSame('0.75', $yield('12 drops', ['drop' => '1/16']));
        self::assertSame('473.176473', $yield('2 cups', ['units' => 'us']));
        self::assertSame('568.26125', $yield('2 cups', ['units' => 'imperial']));
        self::assertSame('500', $yield('2 cups', ['units' => 'metric']));
    }

    public function testTheSecondToSaveIsTold(): void
    {
        $mine = $this->studio->json('GET', '/api/settings');
        $theirs = $this->studio->json('GET', '/api/settings');
        $theirs->settings->currency = 'kr';
        $this->studio->json('PUT', '/api/settings', $theirs);
        $mine->settings->currency = 'Fr.';
        $conflict = $this->studio->json('PUT', '/api/settings', $mine, 409);
        self::assertSame(['kr', $theirs->version + 1], [$conflict->newer->currency, $conflict->version]);
        self::assertSame('kr', $this->studio->json('GET', '/api/settings')->settings->currency);
    }
}
