<?php

declare(strict_types=1);

namespace Inlaid\Tests\Exchange;

use Brick\Math\BigRational;
use Inlaid\App\Exchange\Catalogue\LoadSpecies;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadBoard;
use Inlaid\App\Exchange\Document\ReadPiece;
use Inlaid\App\Exchange\Document\ReadRecipe;
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
        $schema = $this->validator();
        $golden = fn (): \stdClass => Json::object((new UpcastRecipe())->today(Json::encode($this->golden($version, $format)))->text);
        self::assertTrue($schema->validate($golden(), "https://inlaid.invalid/$format.schema.json")->isValid());
        $reader->read($golden());
        $tried = 0;
        foreach ($this->places($golden()) as $place) {
            foreach ('recipe' === $place[0] && 1 < \count($place) ? [] : ['unknown', 'Missing', 'other type'] as $how) {
                $spoilt = $this->spoil($golden(), $place, $how);
                $bySchema = $schema->validate($spoilt, "https://inlaid.invalid/$format.schema.json")->isValid();
                try {
                    $reader->read($spoilt);
                    $byReader = true;
                } catch (InvalidInput) {
                    $byReader = false;
                }
                ++$tried;
                self::assertTrue($bySchema || !$byReader, implode('/', $place)." ($how): the schema refuses what the reader takes");
                self::assertTrue(
                    $byReader || !$bySchema || 'Missing' === $how,
                    implode('/', $place)." ($how): the reader refuses what the schema takes",
                );
            }
        }
        self::assertGreaterThan($atLeast, $tried);
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
