<?php

declare(strict_types=1);

namespace Inlaid\Tests\Exchange;

use Inlaid\App\Exchange\Document\ApplyEdits;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\WriteMaterial;
use Inlaid\App\Exchange\Json;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\MaterialRequirement;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Tests\Core\Given;
use PHPUnit\Framework\TestCase;

/**
 * Each edit does what it says to the document, and nothing else; the document given is left as it was.
 */
final class ApplyEditsTest extends TestCase
{
    public function testAStepIsInsertedWhereItBelongs(): void
    {
        self::assertSame(['r1', 'a', 'b', 'c'], $this->ids(Edit::insert(new NewStep('New', 'dusted'), 'a')));
        self::assertSame(['a', 'b', 'r1', 'c'], $this->ids(Edit::insert(new NewStep('New', 'dusted'), 'c')));
        self::assertSame(['a', 'b', 'c', 'r1'], $this->ids(Edit::insert(new NewStep('New', 'dusted'), null)));
        self::assertSame(
            ['a', 'r1', 'r2', 'b', 'c'],
            $this->ids(Edit::insert(new NewStep('New', 'dusted'), 'b'), Edit::insert(new NewStep('Newer', 'dusted'), 'b')),
            'in their order, with ids that are free',
        );
    }

    public function testAStepIsMovedOrTakenOut(): void
    {
        self::assertSame(['c', 'a', 'b'], $this->ids(Edit::move('c', 'a')));
        self::assertSame(['b', 'c', 'a'], $this->ids(Edit::move('a', null)));
        self::assertSame(['a', 'b', 'c'], $this->ids(Edit::move('b', 'c')));
        self::assertSame(['a', 'c'], $this->ids(Edit::takeOut('b')));
    }

    public function testOnlyTheFieldsSaidAreChanged(): void
    {
        $before = $this->document();
        $after = $this->apply(Edit::change(
            'b',
            StepChange::coats(3),
            StepChange::wait(WaitUntil::Cure),
            StepChange::parts(['p']),
        ));
        self::assertEquals(
            (object) [
                'id' => 'b',
                'technique' => 'brushed',
                'title' => 'Two',
                'coats' => 3,
                'wait' => (object) ['until' => 'cure'],
                'parts' => ['p'],
            ],
            $after->steps[1],
        );
        self::assertEquals(
            [$before->steps[0], $before->steps[2], $before->piece, $before->materials],
            [$after->steps[0], $after->steps[2], $after->piece, $after->materials],
        );
    }

    public function testANewStepSaysAllThatWasAskedFor(): void
    {
        $step = $this->apply(Edit::insert(
            new NewStep('Strip', 'stripped', ['p'], coats: 2, wait: WaitUntil::Overnight, dwell: 30, grit: 80),
            null,
        ))->steps[3];
        self::assertEquals(
            (object) [
                'id' => 'r1',
                'title' => 'Strip',
                'technique' => 'stripped',
                'intent' => (object) ['purpose' => 'functional'],
                'coats' => 2,
                'wait' => (object) ['until' => 'overnight'],
                'grit' => 80,
                'dwell' => 30,
                'parts' => ['p'],
            ],
            $step,
        );
        self::assertObjectNotHasProperty(
            'parts',
            $this->apply(Edit::insert(new NewStep('Dust', 'dusted'), null))->steps[3],
            'the whole piece',
        );
    }

    public function testAJointIsLeftBareOnOneSide(): void
    {
        $joint = $this->apply(Edit::leaveBare('j', 'fixed'))->piece->joints[0];
        self::assertSame([true, false], [$joint->moving->coated, $joint->fixed->coated]);
    }

    public function testTheRecipesOwnMaterialIsPreferredAndAShelfCopyComesOnce(): void
    {
        $rinse = Edit::insert(new NewStep('Rinse', 'rinsed', [], MaterialRequirement::water()), null);
        $after = $this->apply($rinse, $rinse);
        self::assertSame(
            ['paint', 'water'],
            array_map(static fn (\stdClass $m): string => $m->id, $after->materials),
            'copied once, used twice',
        );
        self::assertSame(['water', 'water'], [$after->steps[3]->uses->material, $after->steps[4]->uses->material]);
        self::assertEquals(
            Json::decode(Json::encode((new WriteMaterial())->write(Given::water()))),
            $after->materials[1],
            'with all its figures',
        );

        $own = $this->document();
        $own->materials[] = Json::decode(Json::encode(['id' => 'rain'] + (array) (new WriteMaterial())->write(Given::water())));
        $after = (new ApplyEdits())->apply($own, [$rinse], static fn (): array => self::fail('Nobody need look at the shelf.'));
        self::assertSame('rain', $after->steps[3]->uses->material);
    }

    public function testWhatTheShelfHasNotIsSaid(): void
    {
        $this->expectException(InvalidInput::class);
        $this->apply(Edit::insert(new NewStep('Prime', 'brushed', [], MaterialRequirement::gripPrimer()), null));
    }

    private function apply(Edit ...$edits): \stdClass
    {
        $document = $this->document();
        $after = (new ApplyEdits())->apply(
            $document,
            array_values($edits),
            /** @return list<Material> */
            static fn (): array => [Given::powder(), Given::water()],
        );
        self::assertEquals($this->document(), $document, 'what was given is left as it was');

        return $after;
    }

    /**
     * @return list<string>
     */
    private function ids(Edit ...$edits): array
    {
        return array_values(array_map(static fn (\stdClass $s): string => $s->id, $this->apply(...$edits)->steps));
    }

    private function document(): \stdClass
    {
        $side = static fn (string $part): array => ['part' => $part, 'coated' => true];
        $document = Json::decode(Json::encode([
            'piece' => ['joints' => [['id' => 'j', 'moving' => $side('p'), 'fixed' => $side('q')]]],
            'materials' => [(new WriteMaterial())->write(Given::paint())],
            'steps' => array_map(
                static fn (string $id, string $title): array => ['id' => $id, 'technique' => 'brushed', 'title' => $title, 'coats' => 1],
                ['a', 'b', 'c'],
                ['One', 'Two', 'Three'],
            ),
        ]));
        \assert($document instanceof \stdClass);

        return $document;
    }
}
