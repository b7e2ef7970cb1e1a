<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The shelf: what the catalogue covers and whether its figures can be true, own materials, and what is refused.
 */
final class MaterialsTest extends TestCase
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
     * Words that must be found in the generic catalogue, so that every step of the job has something to be done with.
     */
    public function testTheCatalogueCoversTheJob(): void
    {
        $names = mb_strtolower(implode(' | ', array_map(static fn (\stdClass $m): string => $m->kind.' '.$m->name, $this->all())));
        foreach ([
            'cleaner',
            'stripper',
            'neutraliser',
            'filler',
            'bleach .*\(oxalic\)',
            'bleach .*two-part',
            'conditioner',
            'grip primer',
            'stain-blocking primer',
            'chalk-type paint',
            'milk paint',
            'mineral paint',
            'matt emulsion',
            'trim paint',
            'metallic paint',
            'spray paint',
            'dye stain',
            'oil stain',
            'gel stain',
            'glazing medium',
            'wax resist',
            'release resist',
            'clear wax',
            'dark wax',
            'liming wax',
            'gilding wax',
            'cream wax',
            'penetrating oil',
            'hard oil',
            'shellac',
            'topcoat, water-based',
            'varnish, oil-based',
            'thinner water',
            'mineral spirit',
            'alcohol',
            'plaster',
        ] as $what) {
            self::assertMatchesRegularExpression("/$what/", $names);
        }
    }

    /**
     * What holds for any true material of its kind; each line is a rule of thumb a label would not break.
     */
    public function testEveryFigureCanBeTrue(): void
    {
        $schema = Json::object((string) file_get_contents(\dirname(__DIR__, 2).'/docs/formats/material.schema.json'));
        unset($schema->{'$id'});
        foreach ($this->all() as $m) {
            self::assertTrue((new Validator())->validate($m, $schema)->isValid(), $m->name);
            $density = self::number($m->body->density);
            self::assertSame('dry' === $m->body->carrier, isset($m->body->scooped), "$m->name: just powders are scooped");
            self::assertTrue(
                'dry' === $m->body->carrier ? $density > 1.5 && self::number($m->body->scooped) < $density : $density > 0.7 && $density < 2,
                "$m->name weighs $density",
            );
            self::assertSame(
                'thinner' === $m->kind,
                'thinner' === $m->kind && 0.0 === (float) $m->body->solids,
                "$m->name: a thinner leaves nothing",
            );
            foreach ($m->packs as $pack) {
                self::assertGreaterThan(0, self::number($pack->size));
            }
            self::assertNotEmpty($m->packs, "$m->name is sold in some pack");
            self::assertTrue($m->typical, "$m->name is typical of its class");
            if (\in_array($m->kind, ['paint', 'primer'], true)) {
                self::assertTrue('flake' === $m->look->kind || $m->look->hiding >= 0.85, "$m->name hides");
                self::assertTrue(
                    isset($m->look->colour, $m->body->spread, $m->handling->times, $m->handling->openTime),
                    "$m->name can be laid",
                );
            }
            if ('stain' === $m->look->kind) {
                self::assertTrue(isset($m->look->onWood), "$m->name shows on wood");
            }
            if (\in_array('flammable', $m->hazards, true) || \in_array('corrosive', $m->hazards, true)) {
                self::assertNotEmpty($m->cautions, "$m->name: a hazard is said");
            }
            self::assertTrue(
                !\in_array('self-heating-rags', $m->hazards, true) || str_contains(implode('', $m->cautions), 'Rags'),
                $m->name,
            );
            self::assertSame(
                \in_array($m->handling->dries, ['oxidising'], true) && 'resist' !== $m->kind,
                \in_array('self-heating-rags', $m->hazards, true),
                "$m->name: what takes up oxygen heats in rags",
            );
            self::assertDoesNotMatchRegularExpression('/[®™]/u', $m->name.implode('', $m->cautions), 'nobody\'s name');
        }
    }

    public function testAMaterialIsChangedAsAVersionAndTakenOffAndPutBack(): void
    {
        $found = $this->studio->json('GET', '/api/materials?query=clear+wax')->materials[0];
        $found->material->handling->times->recoat = 720;
        $found->material->typical = false;
        $changed = $this->studio->json('PUT', '/api/materials/clear-wax', ['material' => $found->material]);
        self::assertSame(
            [2, 720, false],
            [$changed->material->version, $changed->material->handling->times->recoat, $changed->material->typical],
        );
        $conflict = $this->studio->json('PUT', '/api/materials/clear-wax', ['material' => $found->material], 409);
        self::assertSame([2, 2], [$conflict->version, $conflict->newer->version]);
        $this->studio->json('PUT', '/api/materials/dark-wax', ['material' => $changed->material], 422);
        $this->studio->json('PUT', '/api/materials/moon-wax', ['material' => ['id' => 'moon-wax'] + (array) $changed->material], 404);

        $total = $this->studio->json('GET', '/api/materials')->total;
        $this->studio->json('POST', '/api/materials/clear-wax/archive');
        $this->studio->json('POST', '/api/materials/clear-wax/archive');
        self::assertSame($total - 1, $this->studio->json('GET', '/api/materials')->total);
        self::assertNotEmpty($this->studio->recipe()->document->steps, 'recipes keep their copies');
        $this->studio->json('POST', '/api/materials/clear-wax/restore');
        self::assertSame($total, $this->studio->json('GET', '/api/materials')->total);
        $this->studio->json('POST', '/api/materials/moon-wax/archive', null, 404);
    }

    public function testAnOwnMaterialGetsAnIdOfItsOwn(): void
    {
        $own = $this->studio->json('GET', '/api/materials?query=platform')->materials[0]->material;
        $own->name = 'Mix-up Blue';
        $made = $this->studio->json('POST', '/api/materials', ['material' => $own], 201)->material;
        self::assertSame(['Mix-up Blue', 1], [$made->name, $made->version]);
        self::assertNotSame('platform-slate', $made->id);
        $again = $this->studio->json('POST', '/api/materials', ['material' => $own], 201)->material;
        self::assertNotSame($made->id, $again->id, 'two may have the same name');
        self::assertSame(2, $this->studio->json('GET', '/api/materials?query=mix-up')->total);
    }

    /**
     * The board in the demo says that the slate wash is weaker than its label has it. What it says is shown, kept beside the label,
     * reckoned with, and taken back by a switch.
     */
    public function testWhatPatchesSayIsReckonedWith(): void
    {
        $find = fn (): \stdClass => $this->studio->json('GET', '/api/materials?query=platform')->materials[0]->material;
        $slate = $find();
        $said = $this->studio->json('GET', "/api/materials/$slate->id/learned");
        self::assertCount(9, $said->patches);
        self::assertSame($slate->look->colour, $said->stated);
        self::assertLessThan($said->offStated / 2, $said->offLearned);
        $field = function (\stdClass $material): string {
            $document = $this->studio->recipe()->document;
            $document->materials = array_map(
                static fn (\stdClass $m): \stdClass => $m->id === $material->id ? $material : $m,
                $document->materials,
            );

            return $this->studio->json(
                'POST',
                '/api/preview',
                ['document' => $document],
            )->preview->stacks[0]->look->after[4]->zones[0]->colour;
        };
        $stated = $field($slate);
        $slate->look->learned = $said->learned;
        $kept = $this->studio->json('PUT', "/api/materials/$slate->id", ['material' => $slate])->material;
        self::assertSame(
            [$said->learned->power, 9, true],
            [$kept->look->learned->power, $kept->look->learned->patches, $kept->look->learned->use],
        );
        self::assertNotSame($stated, $field($kept));
        self::assertEquals(
            $said,
            $this->studio->json('GET', "/api/materials/$slate->id/learned"),
            'what is learned does not learn of itself',
        );
        $kept->look->learned->use = false;
        $kept = $this->studio->json('PUT', "/api/materials/$slate->id", ['material' => $kept])->material;
        self::assertSame($stated, $field($kept), 'the label again');
        self::assertStringContainsString(
            'No patch with it has been measured',
            $this->studio->json('GET', '/api/materials/poppy-bank/learned')->why,
        );
        $this->studio->json('GET', '/api/materials/moon-wax/learned', null, 404);
        foreach ([
            ['power', 9.0, 'from a quarter to four times'],
            ['patches', 0, 'at least 1'],
            ['colour', 'grey', 't a colour code'],
        ] as [$field, $nonsense, $said]) {
            $wrong = unserialize(serialize($kept));
            $wrong->look->learned->{$field} = $nonsense;
            self::assertStringContainsString(
                $said,
                $this->studio->json('PUT', "/api/materials/$slate->id", ['material' => $wrong], 422)->violations[0]->message,
            );
        }
    }

    public function testTheShelfIsSearchedAndPaged(): void
    {
        $find = fn (string $query): \stdClass => $this->studio->json('GET', '/api/materials?'.$query);
        self::assertSame(
            ['Clear wax', 'Cream wax, water-based', 'Dark wax'],
            \array_slice(array_map(static fn (\stdClass $m): string => $m->material->name, $find('kind=wax')->materials), 0, 3),
        );
        self::assertSame(0, $find('query=50%25')->total, 'a percent sign is one');
        self::assertSame(0, $find('query=_')->total);
        self::assertSame(1, $find('query=PLATFORM+slate')->total);
        self::assertStringContainsString(
            'Choose a kind: cleaner',
            $this->studio->json('GET', '/api/materials?kind=potion', null, 400)->detail,
        );
        foreach (['waxes', 'Wax', 'bleaches', 'glazing medium', 'thinners', 'platform', 'nothing such'] as $said) {
            $wanted = array_filter($find('')->materials, static function (\stdClass $m) use ($said): bool {
                $word = rtrim(strtolower($said), 'es');

                return str_contains(
                    strtolower($m->material->name),
                    strtolower($said),
                ) || str_starts_with($m->material->kind, strtr($word, ' ', '-'));
            });
            self::assertSame(
                array_column(array_column($wanted, 'material'), 'id'),
                array_map(static fn (\stdClass $m): string => $m->material->id, $find('query='.rawurlencode($said))->materials),
                $said,
            );
        }
        $kinds = array_column(array_column($find('')->materials, 'material'), 'kind');
        self::assertSame('cleaner', $kinds[0]);
        self::assertCount(\count(array_unique($kinds)), array_filter(
            $kinds,
            static fn (string $k, int $at): bool => $k !== ($kinds[$at - 1] ?? null),
            \ARRAY_FILTER_USE_BOTH,
        ), 'each kind stands together');
        $first = $find('')->materials[0];
        self::assertEquals($first, $this->studio->json('GET', "/api/materials/{$first->material->id}"));
        self::assertStringContainsString('nothere', $this->studio->json('GET', '/api/materials/nothere', null, 404)->detail);
        $seen = [];
        for ($page = 1; [] !== ($list = $find("page=$page"))->materials; ++$page) {
            array_push($seen, ...array_map(static fn (\stdClass $m): string => $m->material->id, $list->materials));
        }
        self::assertSame($find('')->total, \count(array_unique($seen)));
    }

    /**
     * @return iterable<string, array{\Closure(\stdClass): mixed, string, string}>
     */
    public static function nonsense(): iterable
    {
        yield 'heavier than lead' => [static fn (\stdClass $m) => $m->body->density = '25', '/body', 'between 0.05 and 20 g/ml'];
        yield 'more solids than paint' => [static fn (\stdClass $m) => $m->body->solids = 1.2, '/body', 'between 0 and 1'];
        yield 'a spread of nothing' => [static fn (\stdClass $m) => $m->body->spread = 0, '/body', 'm²/L'];
        yield 'dry before touch' => [static fn (\stdClass $m) => $m->handling->times->touch = 500, '/handling/times', 'cannot come after'];
        yield 'a window that closes before it opens' => [
            static fn (\stdClass $m) => $m->handling->times->recoatMost = 10,
            '/handling/times',
            'cannot come after the latest',
        ];
        yield 'time back' => [static fn (\stdClass $m) => $m->handling->times->touch = -5, '/handling/times', '0 minutes or more'];
        yield 'no open time' => [static fn (\stdClass $m) => $m->handling->openTime = 0, '/handling', 'more than 0 minutes'];
        yield 'a colour in words' => [static fn (\stdClass $m) => $m->look->colour = 'slate', '/look/colour', 't a colour code'];
        yield 'hides more than all' => [static fn (\stdClass $m) => $m->look->hiding = 1, '/look', 'between 0 and 0.999'];
        yield 'a price below nothing' => [static fn (\stdClass $m) => $m->packs[0]->price = -3, '/packs/0', '0 or more'];
        yield 'an empty pack' => [static fn (\stdClass $m) => $m->packs[0]->size = '0', '/packs/0', 'above 0'];
        yield 'a hazard nobody knows' => [static fn (\stdClass $m) => $m->hazards = ['dragons'], '/hazards/0', 'Choose one of: flammable'];
        yield 'no name' => [static fn (\stdClass $m) => $m->name = '  ', '/name', 'Required'];
        yield 'a kind nobody sells' => [static fn (\stdClass $m) => $m->kind = 'potion', '/kind', 'one of: cleaner'];
        yield 'something else' => [static fn (\stdClass $m) => $m->maker = 'somebody', '/maker', 'Unknown field “maker”'];
    }

    /**
     * @param \Closure(\stdClass): mixed $spoil
     */
    #[DataProvider('nonsense')]
    public function testNonsenseIsRefusedAtItsPlaceAndNothingIsKept(\Closure $spoil, string $pointer, string $says): void
    {
        $before = Json::encode($this->studio->json('GET', '/api/materials'));
        $material = $this->studio->json('GET', '/api/materials?query=platform')->materials[0]->material;
        $spoil($material);
        foreach ([['POST', '/api/materials'], ['PUT', '/api/materials/platform-slate']] as [$method, $path]) {
            $messages = array_column($this->studio->json($method, $path, ['material' => $material], 422)->violations, 'message', 'pointer');
            self::assertArrayHasKey('/material'.$pointer, $messages, Json::encode($messages));
            self::assertStringContainsString($says, $messages['/material'.$pointer]);
        }
        self::assertSame($before, Json::encode($this->studio->json('GET', '/api/materials')));
    }

    /**
     * @return list<\stdClass> the generic catalogue with the studio's own colours
     */
    private function all(): array
    {
        $all = [];
        for ($page = 1; [] !== ($list = $this->studio->json('GET', "/api/materials?page=$page"))->materials; ++$page) {
            array_push($all, ...array_map(static fn (\stdClass $m): \stdClass => $m->material, $list->materials));
        }

        return $all;
    }

    private static function number(string $exact): float
    {
        [$over, $under] = [...explode('/', $exact), '1'];

        return (float) $over / (float) $under;
    }
}
