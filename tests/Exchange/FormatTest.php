<?php

declare(strict_types=1);

namespace Inlaid\Tests\Exchange;

use Brick\Math\BigRational;
use Inlaid\App\Exchange\Catalogue\LoadSpecies;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadBoard;
use Inlaid\App\Exchange\Document\ReadEvent;
use Inlaid\App\Exchange\Document\ReadMaterial;
use Inlaid\App\Exchange\Document\ReadPiece;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Document\ReadSettings;
use Inlaid\App\Exchange\Document\UpcastRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Exchange\WorkedOut;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Piece\Field;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\Pulls;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Recipe\Criterion;
use Inlaid\Core\Recipe\Rags;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Technique\Direction;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Within;
use Inlaid\Tests\Core\Given;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The schema file and the hand-written reader take and refuse the same documents, and old files stay readable.
 */
final class FormatTest extends TestCase
{
    /**
     * A file of every version there was, brought up to this one: what it said it still says.
     */
    public function testGoldenFilesOfEveryVersionAreRead(): void
    {
        for ($version = 1; $version <= UpcastRecipe::VERSION; ++$version) {
            $recipe = $this->reader()->read($this->golden($version));
            self::assertSame('Golden ticket rack', $recipe->title);
            self::assertTrue($recipe->piece->parts[0]->finish->isBare());
            $now = $this->reader()->document($this->golden($version));
            self::assertStringContainsString('"version":'.UpcastRecipe::VERSION, $now->text, 'it is kept as this version');
            self::assertEquals($now->recipe, $this->reader()->read(Json::decode($now->text)));
        }
        $new = $this->reader()->read($this->golden());
        self::assertSame(
            [Criterion::Smooth, 1, 3, 's6'],
            [
                $new->steps[0]->repeat?->until,
                $new->steps[0]->repeat?->least,
                $new->steps[0]->repeat?->most,
                $new->steps[0]->repeat?->otherwise,
            ],
        );
        self::assertSame(
            [Tool::Machine, Direction::Any, SandingAim::Smooth],
            [$new->steps[0]->detail->tool, $new->steps[0]->detail->strokes, $new->steps[0]->detail->aim],
        );
        self::assertSame(
            [['holes'], Pulls::Open, '2027-03-01', Rags::Flat, 'water'],
            [
                $new->steps[3]->detail->masks,
                $new->piece->parts[2]->pulls,
                $new->piece->use->from,
                $new->cleanUp->rags,
                $new->cleanUp->with[0]->id,
            ],
        );
        self::assertSame(
            [
                ['edges', 'relief'],
                3,
                'damp',
                0.1,
                'here-and-there',
                ['repair-1', 0.02],
                ['filled', 'upper'],
                true,
                ['s7', 's7.2'],
                [0.2, 0.9],
            ],
            [
                array_map(static fn (Within $w): string => $w->value, $new->steps[1]->detail->extent->within),
                $new->steps[1]->detail->sections,
                $new->steps[1]->detail->wiping?->value,
                $new->steps[2]->detail->extent->share,
                $new->steps[2]->detail->extent->chosen->value,
                [($old = $this->reader()->read($this->golden(3))->piece->parts[2]->fields[0])->id, $old->share],
                array_map(static fn (Field $f): string => $f->id, $new->piece->parts[2]->fields),
                $new->piece->parts[1]->inside,
                [$new->steps[5]->id, $new->steps[6]->id],
                $new->steps[6]->detail->blend->at ?? null,
            ],
        );
        $painted = $this->golden(1);
        $painted->piece->parts[0]->substrate->ground = 'painted';
        self::assertSame(FinishKind::Paint, $this->reader()->read($painted)->piece->parts[0]->finish->kind);
        $painted->piece->parts[0]->substrate->ground = 'muddy';
        $this->expectException(InvalidInput::class);
        $this->reader()->read($painted);
    }

    /**
     * @return array<string, array{string, int, int}>
     */
    public static function formats(): array
    {
        return ['recipe' => ['recipe', UpcastRecipe::VERSION, 150], 'board' => ['board', ReadBoard::VERSION, 60]];
    }

    /**
     * Every field of a golden document in turn is taken away, made another type, and given a neighbour nobody knows; the recipe in a board
     * is a format of its own.
     */
    #[DataProvider('formats')]
    public function testSchemaAndReaderAgree(string $format, int $version, int $atLeast): void
    {
        $reader = 'board' === $format ? $this->boards() : $this->reader();
        $golden = fn (): \stdClass => Json::object((new UpcastRecipe())->today(Json::encode($this->golden($version, $format)))->text);
        $this->agree(
            $format,
            $golden,
            static fn (\stdClass $of): mixed => $reader->read($of),
            static fn (array $place): array => 'recipe' === $place[0] && 1 < \count($place) ? [] : ['unknown', 'Missing', 'other type'],
            $atLeast,
        );
    }

    /**
     * @param \Closure(): \stdClass                              $whole
     * @param \Closure(\stdClass): mixed                         $read
     * @param \Closure(non-empty-list<int|string>): list<string> $how   in which ways a place is spoilt
     */
    private function agree(string $format, \Closure $whole, \Closure $read, \Closure $how, int $atLeast): void
    {
        $schema = $this->validator();
        $bySchema = static fn (\stdClass $of): bool => $schema->validate($of, "https://inlaid.invalid/$format.schema.json")->isValid();
        self::assertTrue($bySchema($whole()), 'whole');
        $read($whole());
        $tried = 0;
        foreach ($this->places($whole()) as $place) {
            foreach ($how($place) as $way) {
                $spoilt = $this->spoil($whole(), $place, $way);
                $isValid = $bySchema($spoilt);
                try {
                    $read($spoilt);
                    $isRead = true;
                } catch (InvalidInput) {
                    $isRead = false;
                }
                ++$tried;
                self::assertTrue($isValid || !$isRead, implode('/', $place)." ($way): the schema refuses what the reader takes");
                self::assertTrue(
                    $isRead || !$isValid || 'Missing' === $way,
                    implode('/', $place)." ($way): the reader refuses what the schema takes",
                );
            }
        }
        self::assertGreaterThan($atLeast, $tried);
    }

    /**
     * The other formats, each by a document that says all it can say.
     *
     * @return iterable<string, array{string, string, \Closure(\stdClass): mixed, int}> schema, document, reader, how often tried at least
     */
    public static function others(): iterable
    {
        $settings = new ReadSettings(Given::practices());
        $week = '{"mon": [{"from": "08:00", "to": "12:00"}, {"from": "13:00", "to": "17:00"}], "tue": [], "wed": [], "thu": [], "fri": [],
            "sat": [], "sun": [{"from": "10:00", "to": "24:00"}]}';
        $studio = '"units": "us", "drop": "1/20", "currency": "€", "rate": 32.5, "zone": "Europe/Berlin", "hours": '.$week.',
            "exceptions": [{"date": "2026-12-24", "hours": [{"from": "08:00", "to": "10:00"}]}], "helper": '.$week.', "ownPace": true,
            "ownDrying": false, "ownAmounts": true, "climate": {"temperature": 19.5, "humidity": 55.0, "air": "still", "surface": 18.0},
            "places": [{"id": "hall", "name": "Hall", "coldest": 4.0, "warmest": 12.0, "humidity": 70.0, "air": "moving", "holds": 2}],
            "flame": true, "measures": [{"name": "spoon", "dimension": "volume", "step": "5", "capacity": "5"}],
            "cups": [{"name": "Cup", "shape": "round", "bottom": 60.0, "top": 80.0, "height": 110.0},
                {"name": "Tray", "shape": "tray", "bottom": 100.0, "bottomWidth": 200.0, "top": 110.0, "topWidth": 210.0, "height": 40.0}],
            "tolerance": "0.02", "schools": {"coat-thickness": "thin-many"}';
        yield 'settings' => ['settings', "{{$studio}}", static fn (\stdClass $of) => $settings->check($of), 120];
        $hour = '{"temperature": 18.0, "humidity": 60.0, "air": "still"}';
        yield 'context' => ['context', '{"now": "2026-11-24T08:00:00+01:00", "day": ['.implode(', ', array_fill(0, 24, $hour)).'],
            "stock": {"cream": {"amount": "120", "unit": "ml"}}, "pots": [{"id": "p", "name": "Rest", "goodUntil": "2026-12-01",
                "holds": {"cream": "130", "water": "100"}}],
            "own": {"paces": {"brushed": 1.2}, "drying": {"cream": 1.1}, "amounts": {"cream/brushed": 0.9}}, '.$studio.'}',
            static fn (\stdClass $of) => $settings->read($of), 200, ];
        yield 'material' => ['material', '{"id": "m", "version": 2, "name": "M", "kind": "paint", "typical": true,
            "body": {"carrier": "dry", "density": "2.1", "scooped": "0.72", "solids": 0.9, "build": 1.0, "spread": 9.0,
                "largestThinning": 3.0, "slake": 15},
            "handling": {"dries": "losing-water", "times": {"touch": 30, "recoat": 60, "recoatMost": 2880, "through": 240, "cure": 43200},
                "openTime": 6, "potLife": 480, "rewets": true, "lowestTemperature": 10.0},
            "look": {"kind": "opaque", "colour": "#b9832f", "hiding": 0.9, "tint": "#e0c9a0", "onWood": "#b9832f",
                "learned": {"colour": "#b9832f", "power": 1.1, "patches": 3, "use": true}},
            "sheen": "chalky", "ambering": "none", "outdoors": false, "packs": [{"size": "230", "unit": "g", "price": 19.0}],
            "hazards": ["dust"], "cautions": ["Wear a mask."], "blocks": ["tannin"], "grips": true, "residue": "water"}',
            static fn (\stdClass $of) => Node::read($of, (new ReadMaterial())->read(...)), 100, ];
        $event = static fn (\stdClass $of) => (new ReadEvent())->read($of, 1_800_000_000);
        yield 'event' => ['event', '{"id": "e", "at": "2026-11-24T08:00:00+01:00", "kind": "poured", "step": "s1", "coat": 1, "lay": 1,
            "ml": 52.5}', $event, 15];
        yield 'event: air' => ['event', '{"id": "e", "at": "2026-11-24T08:00:00+01:00", "kind": "climate",
            "climate": {"temperature": 18.0, "humidity": 60.0, "air": "fan"}}', $event, 15];
        yield 'event: colour' => ['event', '{"id": "e", "at": "2026-11-24T08:00:00+01:00", "kind": "colour", "step": "s1",
            "colour": "#b9832f", "zone": "edge", "text": "Under the lamp"}', $event, 15];
        yield 'event: taken back' => ['event', '{"id": "e", "at": "2026-11-24T08:00:00+01:00", "kind": "retract",
            "retracts": "d"}', $event, 10];
        yield 'event: improvised' => ['event', '{"id": "e", "at": "2026-11-24T08:00:00+01:00", "kind": "improvised", "before": "s2",
            "does": {"step": {"technique": "brushed"}, "materials": [], "mixes": []}}', $event, 12];
    }

    /** @param \Closure(\stdClass): mixed $read */
    #[DataProvider('others')]
    public function testEveryFormatIsReadAsItsSchemaSays(string $format, string $document, \Closure $read, int $atLeast): void
    {
        // Keys that are names are anybody's: there only the value is spoilt.
        $isNamed = static fn (array $place): bool => \in_array($place[0], ['schools', 'stock', 'own'], true) && 1 < \count($place)
            || 'does' === $place[0]
            || \in_array('holds', $place, true);
        $this->agree(
            $format,
            static fn (): \stdClass => Json::object($document),
            $read,
            static fn (array $place): array => $isNamed($place) ? ['other type'] : ['unknown', 'Missing', 'other type'],
            $atLeast,
        );
    }

    /**
     * A preview is written by PHP itself, for speed; that must come to what everything else is written as.
     */
    public function testAPreviewIsWrittenAsEverythingElse(): void
    {
        $context = new Context(
            1_764_054_000,
            WorkingTime::of('UTC', array_fill(1, 7, [[0, 1440]])),
            Climate::of(21, 50),
            UnitSystem::Metric,
            [],
            [],
            BigRational::of('0.05'),
            BigRational::of('0.02'),
        );
        $worked = new WorkedOut(
            new RawJson('{"now": "soon", "rate": 1.0, "schools": {}}'),
            Given::previewer()->preview($this->reader()->read($this->golden()), $context),
        );
        self::assertSame(Json::encode(Json::plain($worked)), Json::encode($worked));
        self::assertStringStartsWith('{"context":{"now":"soon","rate":1.0,"schools":{}},"preview":{"title":"Golden', Json::encode($worked));
    }

    private function validator(): Validator
    {
        $validator = new Validator();
        foreach (glob(\dirname(__DIR__, 2).'/docs/formats/*.schema.json') ?: [] as $file) {
            $schema = Json::object((string) file_get_contents($file));
            $schema->{'$id'} = 'https://inlaid.invalid/'.basename($file);
            $validator->resolver()?->registerRaw($schema);
        }

        return $validator;
    }

    private function reader(): ReadRecipe
    {
        return new ReadRecipe(Given::techniques(), Given::practices(), new ReadPiece(Given::shapes()));
    }

    private function boards(): ReadBoard
    {
        return new ReadBoard($this->reader(), Given::variables(), new LoadSpecies(\dirname(__DIR__, 2)), Given::techniques());
    }

    private function golden(int $version = UpcastRecipe::VERSION, string $format = 'recipe'): \stdClass
    {
        $json = Json::object((string) file_get_contents(__DIR__."/golden/$format-$version.json"));

        return $json;
    }

    /**
     * @return iterable<non-empty-list<int|string>> every place that has a field
     */
    private function places(mixed $json): iterable
    {
        foreach ($json instanceof \stdClass ? get_object_vars($json) : (\is_array($json) ? $json : []) as $key => $value) {
            if ($json instanceof \stdClass) {
                yield [$key];
            }
            foreach ($this->places($value) as $place) {
                yield [$key, ...$place];
            }
        }
    }

    /**
     * @param non-empty-list<int|string> $place
     */
    private function spoil(\stdClass $json, array $place, string $how): \stdClass
    {
        $at = $json;
        foreach (\array_slice($place, 0, -1) as $key) {
            $at = $at instanceof \stdClass ? $at->{$key} : (\is_array($at) ? $at[$key] : null);
        }
        \assert($at instanceof \stdClass);
        $last = (string) $place[\count($place) - 1];
        match ($how) {
            'unknown' => $at->nobodyKnows = true,
            'other type' => $at->{$last} = [[]],
            default => null,
        };
        if ('Missing' === $how) {
            unset($at->{$last});
        }

        return $json;
    }
}
