<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
use PHPUnit\Framework\TestCase;

/**
 * Finished pieces that a client is shown, painted, to choose from.
 */
final class OffersTest extends TestCase
{
    use SharesStudio;

    /** What is painted is the look of the recipe as its preview works it out, on every part, and nothing else of it. */
    public function testAPieceIsPaintedAsItsPreviewLooks(): void
    {
        foreach (self::$studio->json('GET', '/api/recipes')->recipes as $listed) {
            $recipe = self::$studio->json('GET', "/api/recipes/$listed->id");
            $preview = self::$studio->json('POST', '/api/preview', ['document' => $recipe->document])->preview;
            $painting = self::$studio->json('GET', "/api/recipes/$listed->id/painting");
            self::assertSame(['parts', 'faces'], array_keys((array) $painting));
            self::assertSame(array_column($recipe->document->piece->parts, 'id'), array_column($painting->parts, 'id'));
            foreach ($painting->parts as $i => $part) {
                $written = $recipe->document->piece->parts[$i];
                self::assertSame([$written->shape->kind ?? null, $written->count ?? 1], [$part->kind, $part->count]);
                self::assertEquals($preview->parts[$i]->outline, $part->outline);
                $own = array_values(array_filter(
                    $preview->stacks,
                    static fn (\stdClass $s): bool => \in_array($part->id.':'.$preview->parts[$i]->faces[0]->key, $s->places, true),
                ))[0]->look->after;
                $face = $painting->faces[$part->face]->after;
                self::assertSame(array_column($own, 'stepId'), array_column($face, 'stepId'));
                foreach (end($own)->zones as $z => $zone) {
                    self::assertSame($zone->colours, end($face)->zones[$z]->colours, "$listed->title, $part->id");
                }
                foreach ($own as $n => $after) {
                    self::assertEquals(array_column($after->zones, 'divided'), array_column($face[$n]->zones, 'divided'));
                }
            }
        }
    }

    /** A client with a link sees pieces and their names; chooses once and says why; the studio opens what was chosen. */
    public function testAClientChoosesAndTheStudioOpensIt(): void
    {
        [$rack, $cupboard] = [self::$studio->recipe('rack'), self::$studio->recipe('cupboard')];
        $proposed = (object) (['title' => 'Only proposed'] + (array) $cupboard->document);
        $link = self::$studio->json('POST', '/api/offers', [
            'title' => 'Your cupboard',
            'days' => 7,
            'looks' => [['name' => 'Slate', 'recipe' => $rack->id], ['name' => 'Green and gold', 'document' => $proposed]],
        ], 201);
        $secret = basename($link->url);
        self::assertStringEndsWith("/choose/$secret", $link->url);
        self::assertMatchesRegularExpression('/^[A-Za-z0-9_-]{43}$/', $secret);

        [$status, $seen] = self::$studio->guest('GET', "/api/choose/$secret");
        self::assertSame(200, $status);
        self::assertSame(['Your cupboard', ['A', 'B'], ['Slate', 'Green and gold'], null], [
            $seen->title,
            array_column($seen->pieces, 'label'),
            array_column($seen->pieces, 'name'),
            $seen->chosen,
        ]);
        self::assertEquals(self::$studio->json('GET', "/api/recipes/$rack->id/painting"), $seen->pieces[0]->painting);
        $text = Json::encode($seen);
        foreach (['materials', 'mixes', 'Engine Green', 'technique', $rack->id] as $secretOfTheTrade) {
            self::assertStringNotContainsString($secretOfTheTrade, $text);
        }
        foreach ([
            ['GET', '/api/offers'],
            ['POST', '/api/offers'],
            ['POST', "/api/offers/$link->id/revoke"],
            ['POST', "/api/offers/$link->id/recipes"],
            ['GET', "/api/choose/{$secret}x"],
            ['GET', "/api/choose/$link->id"],
            ['GET', "/api/looks/$secret"],
            ['GET', "/api/recipes/$rack->id/painting"],
        ] as [$method, $path]) {
            self::assertSame(404, self::$studio->guest($method, $path, [])[0], "$method $path");
        }
        $choose = static fn (mixed $body): array => self::$studio->guest('POST', "/api/choose/$secret/choice", $body);
        self::assertSame([422, 422], [$choose(['label' => 'C'])[0], $choose(['label' => 'B', 'price' => 0])[0]]);
        [$status, $chosen] = $choose(['label' => 'B', 'comment' => 'The gold']);
        self::assertSame([200, 'B', 'The gold'], [$status, $chosen->chosen, $chosen->comment]);
        self::assertSame(422, $choose(['label' => 'A'])[0], 'once');

        $offer = self::$studio->json('GET', '/api/offers')->offers[0];
        self::assertSame(['B', 'The gold', true, $rack->id, null], [
            $offer->choice,
            $offer->comment,
            $offer->open,
            $offer->looks[0]->recipe,
            $offer->looks[1]->recipe,
        ]);
        $taken = self::$studio->json('POST', "/api/offers/$offer->id/recipes", ['label' => 'B'], 201)->recipe;
        self::assertEquals($proposed, self::$studio->json('GET', "/api/recipes/$taken")->document);
        self::$studio->json('POST', "/api/offers/$offer->id/recipes", ['label' => 'D'], 422);

        self::assertFalse(self::$studio->json('POST', "/api/offers/$offer->id/revoke")->offers[0]->open);
        self::assertSame(404, self::$studio->guest('GET', "/api/choose/$secret")[0], 'closed');
    }

    /** What cannot be offered is said at its place; what nobody chose from is not listed for ever. */
    public function testWhatCannotBeOffered(): void
    {
        $id = self::$studio->recipe('rack')->id;
        $look = ['name' => 'Slate', 'recipe' => $id];
        $refused = static fn (array $body): string => self::$studio->json('POST', '/api/offers', $body, 422)->violations[0]->pointer;
        self::assertSame('/looks', $refused(['title' => 'None', 'looks' => []]));
        self::assertSame('/looks', $refused(['title' => 'Five', 'looks' => array_fill(0, 5, $look)]));
        self::assertSame('/looks/0', $refused(['title' => 'Nothing', 'looks' => [['name' => 'Nothing']]]));
        $junk = ['name' => 'Junk', 'document' => ['a' => 1]];
        self::assertStringStartsWith('/looks/1/document', $refused(['title' => 'Junk', 'looks' => [$look, $junk]]));
        self::assertSame('/days', $refused(['title' => 'Long', 'looks' => [$look], 'days' => 91]));
        self::$studio->json('POST', '/api/offers', ['title' => 'Gone', 'looks' => [['name' => 'Gone', 'recipe' => 'nothing']]], 404);
        $link = self::$studio->json('POST', '/api/offers', ['title' => 'Over', 'looks' => [$look]], 201);
        $store = new \SQLite3(self::$studio->store);
        $store->exec("UPDATE offer SET expires_at = '2026-01-01 00:00:00' WHERE id = '$link->id'");
        self::assertNotContains('Over', array_column(self::$studio->json('GET', '/api/offers')->offers, 'title'));
        self::assertSame(404, self::$studio->guest('GET', '/api/choose/'.basename($link->url))[0], 'over');
    }
}
