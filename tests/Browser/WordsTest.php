<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Inlaid\Core\Material\Ambering;
use Inlaid\Core\Material\LookKind;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Http\GivenDocuments;
use PHPUnit\Framework\TestCase;

/**
 * Words that the page itself makes: of an edit that is undone, of figures that are not shown.
 */
final class WordsTest extends TestCase
{
    /** One edit of a recipe after the other, and what undo says it undoes. */
    public function testUndoSaysWhatItUndoes(): void
    {
        $recipe = ['steps' => [
            ['sanded', null, ['grit' => 120, 'title' => 'Sand']],
            ['brushed', ['signal-cream' => '1', 'water' => '1'], ['title' => 'Cream']],
            ['padded', 'topcoat-satin', ['title' => 'Topcoat']],
        ]];
        $document = GivenDocuments::ofCatalogue()->document($recipe);
        $with = static function (\Closure $change) use ($document): array {
            $after = json_decode((string) json_encode($document), false, 512, \JSON_THROW_ON_ERROR);
            \assert($after instanceof \stdClass);
            $change($after);

            return ['before' => $document, 'after' => $after];
        };
        $dust = (object) [
            'id' => 'new',
            'title' => 'Dust',
            'technique' => 'dusted',
            'intent' => ['purpose' => 'functional'],
            'wait' => ['until' => 'nothing'],
        ];
        $edits = [
            'coats of Cream' => $with(static function (\stdClass $d): void { $d->steps[1]->coats = 2; }),
            'grit and note of Sand' => $with(
                static function (\stdClass $d): void { [$d->steps[0]->grit, $d->steps[0]->note] = [180, 'Along']; },
            ),
            'coats and 2 more of Cream' => $with(static function (\stdClass $d): void {
                [$d->steps[1]->coats, $d->steps[1]->weight, $d->steps[1]->dwell] = [2, 'thin', 5];
            }),
            'added: Dust' => $with(static function (\stdClass $d) use ($dust): void { array_splice($d->steps, 1, 0, [$dust]); }),
            'removed: Sand' => $with(static function (\stdClass $d): void { array_splice($d->steps, 0, 1); }),
            'removed: Sand and Cream' => $with(static function (\stdClass $d): void { array_splice($d->steps, 0, 2); }),
            'removed: Sand and 2 more' => $with(static function (\stdClass $d): void { $d->steps = []; }),
            'replaced: Sand' => $with(static function (\stdClass $d) use ($dust): void { array_splice($d->steps, 0, 1, [$dust]); }),
            '2 steps' => $with(static function (\stdClass $d): void { $d->steps[0]->note = $d->steps[1]->note = 'both'; }),
            'order of Cream' => $with(static function (\stdClass $d): void { $d->steps = [$d->steps[1], $d->steps[0], $d->steps[2]]; }),
            'a mix' => $with(static function (\stdClass $d): void { $d->mixes[0]->parts[1]->share = '3'; }),
            'the piece' => $with(static function (\stdClass $d): void { $d->piece->name = 'Shelf'; }),
            'the target' => $with(static function (\stdClass $d): void { $d->target = (object) ['field' => '#808080']; }),
            'the title' => $with(static function (\stdClass $d): void { $d->title = 'Other'; }),
            'an edit' => $with(static function (): void {}),
        ];
        $said = PageCode::run(
            'recipe/changeWords.ts',
            'return page.changeWords(given.before, given.after, (s) => s.title ?? s.technique);',
            array_values($edits),
        );
        self::assertSame(array_keys($edits), $said);
    }

    /** What stands for ΔE and µm where they are not shown. */
    public function testFiguresAreSaidInWords(): void
    {
        $said = PageCode::run(
            'ui/figureWords.ts',
            'const { withoutDeltaE, difference, filmWords, depthWords } = page;'
            .'return [withoutDeltaE(given.text), difference(given.deltaE), filmWords(given.dry), depthWords(given.dry)];',
            [
                ['text' => 'visible apart (ΔE 3.9): redder', 'deltaE' => 1, 'dry' => 3.9],
                ['text' => 'lively (ΔE 12.4) and dark', 'deltaE' => 2, 'dry' => 14.9],
                ['text' => 'unchanged', 'deltaE' => 4, 'dry' => 39],
                ['text' => '', 'deltaE' => 4.1, 'dry' => 60],
            ],
        );
        self::assertSame([
            ['visible apart: redder', 'no visible difference', 'a breath of a film', 'dulls it'],
            ['lively and dark', 'visible side by side', 'a thin film', 'as much as a thin coat'],
            ['unchanged', 'visible apart', 'a full film', 'as much as a full coat'],
            ['', 'a different colour', 'a heavy film', 'as much as several coats'],
        ], $said);
    }

    /**
     * What is asked of a material at once is what labels of its kind say: of every material of the catalogue all that it states, and of a
     * cleaner no sheen.
     */
    public function testAMaterialIsAskedForWhatItHas(): void
    {
        $stated = [];
        foreach (Analysed::shelf() as $id => $m) {
            $stated[$id] = ['kind' => $m->kind->value, 'look' => $m->look->kind->value, 'states' => array_keys(array_filter([
                'spread' => null !== $m->body->spread,
                'thinning' => null !== $m->body->largestThinning,
                'solids' => $m->body->solids > 0.0,
                'build' => $m->body->build > 0.0,
                'recoat' => null !== $m->handling->times,
                'window' => null !== $m->handling->times?->recoatMost,
                'open' => null !== $m->handling->openTime,
                'pot' => null !== $m->handling->potLife,
                'appearance' => LookKind::None !== $m->look->kind,
                'colour' => null !== $m->look->colour,
                'tint' => null !== $m->look->tint,
                'on wood' => null !== $m->look->onWood,
                'hiding' => null !== $m->look->hiding,
                'sheen' => null !== $m->sheen,
                'ambering' => Ambering::None !== $m->ambering,
            ]))];
        }
        $asked = PageCode::run(
            'rooms/shelf/figuresOf.ts',
            'return [...page.figuresOf({ kind: given.kind, look: { kind: given.look } })];',
            array_values($stated),
        );
        foreach (array_keys($stated) as $i => $id) {
            \assert(\is_array($asked[$i]));
            self::assertSame([], array_values(array_diff($stated[$id]['states'], $asked[$i])), "$id states more than is asked for");
        }
        $of = static fn (string $id): array => (array) $asked[(int) array_search($id, array_keys($stated), true)];
        self::assertSame(['spread', 'thinning', 'recoat', 'through', 'open', 'lowest'], $of('degreaser'));
        self::assertSame([], array_intersect(['on wood'], $of('signal-cream')));
        self::assertSame([], array_intersect(['colour', 'tint', 'hiding'], $of('topcoat-satin')));
        self::assertSame(['place'], $of('water'));
    }
}
