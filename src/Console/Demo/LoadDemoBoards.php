<?php

declare(strict_types=1);

namespace Inlaid\App\Console\Demo;

use Inlaid\App\Exchange\Document\BeginBoard;
use Inlaid\App\Exchange\Document\ReadBoard;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\Picture\TakePicture;
use Inlaid\App\Store\BoardBook;
use Inlaid\App\Store\RecipeBook;
use Inlaid\App\Store\RecipeSearch;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\Light;
use Symfony\Component\Yaml\Yaml;

/**
 * Lays out the demo's boards, with what was read of them.
 *
 * @phpstan-type Readings array<string, array{colour: string, rating: int, note?: string}>
 */
final readonly class LoadDemoBoards
{
    public function __construct(
        private BoardBook $boards,
        private RecipeBook $book,
        private ReadRecipe $recipe,
        private BeginBoard $begin,
        private ReadBoard $read,
        private TakePicture $take,
        private DrawBoardPhoto $draw,
    ) {
    }

    public function load(string $file): void
    {
        /**
         * @var list<array{title: string, recipe: string, part: string, steps: list<string>, size: array{int, int}, columns: array<string,
         * mixed>, rows: array<string, mixed>, target?: array<string, string>, readings?: Readings, photo?: string}> $boards
         */
        $boards = Yaml::parseFile($file);
        foreach (array_reverse($boards) as $board) { // the room shows the last one first
            $recipe = $this->book->search(new RecipeSearch($board['recipe']))[1][0];
            $document = $this->begin->begin(
                recipe: $this->recipe->document(Json::decode($recipe->draft->document)),
                from: [$recipe->id, $recipe->title],
                part: $board['part'],
                steps: $board['steps'],
                width: $board['size'][0],
                height: $board['size'][1],
                vary: null,
            );
            foreach (array_intersect_key($board, array_flip(['title', 'columns', 'rows', 'target'])) as $field => $value) {
                $document->{$field} = $value;
            }
            $made = $this->boards->add($this->read->read(Json::decode(Json::encode($document))));
            foreach ($board['readings'] ?? [] as $patch => $reading) {
                $this->boards->note($made->id, $patch, $reading + ['how' => 'typed']);
            }
            if (isset($board['photo'], $board['readings'])) {
                $this->boards->addPhoto($made->id, $board['photo'], $this->take->take($this->photo($board['readings'])));
            }
        }
    }

    /**
     * @param Readings $readings
     */
    private function photo(array $readings): string
    {
        $rows = [];
        foreach ($readings as $patch => $reading) {
            $rows[(int) substr($patch, 1)][] = Light::of(Colour::of($reading['colour']));
        }

        return $this->draw->draw(array_values($rows), Light::of(Colour::of('#dcc59d')));
    }
}
