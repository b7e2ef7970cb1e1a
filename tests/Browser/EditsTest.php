<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Inlaid\App\Exchange\Document\ApplyEdits;
use Inlaid\Core\Edit\Edit;
use Inlaid\Tests\Core\Randomly;
use Inlaid\Tests\Http\Studio;
use PHPUnit\Framework\TestCase;

/**
 * What the page does to a recipe itself, held against what the program does.
 */
final class EditsTest extends TestCase
{
    use Randomly;

    /**
     * Steps removed one after the other, in any order, from every recipe of the demo: the same steps, mixes and materials are left, and
     * no step has a removed one as its last resort.
     */
    public function testRemovingAStepTakesAlongTheSameInPageAndProgram(): void
    {
        $studio = Studio::open();
        $cases = $wanted = [];
        $dropped = 0;
        foreach ($studio->json('GET', '/api/recipes')->recipes as $summary) {
            $document = $studio->json('GET', "/api/recipes/$summary->id")->document;
            foreach ($document->steps as $i => $step) {
                if (isset($step->repeat, $document->steps[$i + 1])) {
                    $step->repeat->otherwise = $document->steps[$i + 1]->id;
                }
            }
            $this->manyTimes(4, function () use ($document, &$cases, &$wanted, &$dropped): void {
                $after = $document;
                foreach ($this->random->shuffleArray(array_column($document->steps, 'id')) as $id) {
                    $cases[] = ['document' => $after, 'step' => $id];
                    $before = \count($after->materials) + \count($after->mixes);
                    $after = (new ApplyEdits())->apply($after, [Edit::takeOut($id)], static fn (): array => []);
                    $dropped += $before - \count($after->materials) - \count($after->mixes);
                    $wanted[] = $after;
                }
            });
        }
        $studio->close();
        self::assertGreaterThan(100, $dropped);
        $came = PageCode::run('recipe/edits.ts', 'return page.removeStep(given.document, given.step);', $cases);
        foreach ($wanted as $i => $after) {
            self::assertEquals($after, json_decode((string) json_encode($came[$i])), 'case '.$i);
        }
    }
}
