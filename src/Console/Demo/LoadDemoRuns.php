<?php

declare(strict_types=1);

namespace Inlaid\App\Console\Demo;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\RecipeBook;
use Inlaid\App\Store\RecipeSearch;
use Inlaid\App\Store\RunBook;
use Inlaid\App\Studio\StudioContext;
use Symfony\Component\Yaml\Yaml;

/**
 * Puts the demo's pieces on the bench, with what was noted of them in the days before.
 *
 * @phpstan-type Noted array{
 *     step: string,
 *     kind: string,
 *     ago: int,
 *     at: string,
 *     lay?: int,
 *     coat?: int,
 *     text?: string,
 *     ml?: float,
 *     colour?: string,
 * }
 */
final readonly class LoadDemoRuns
{
    public function __construct(private RunBook $runs, private RecipeBook $book, private ReadRecipe $read, private StudioContext $context)
    {
    }

    public function load(string $file): void
    {
        /**
         * @var list<array{recipe: string, revision?: int, place?: string, due?: int, finished?: bool, rating?: int, lesson?: string,
         * events?: list<Noted>}> $runs
         */
        $runs = Yaml::parseFile($file);
        $zone = $this->context->own()->working->zone;
        $today = new \DateTimeImmutable('today', $zone);
        foreach ($runs as $number => $given) {
            $recipe = $this->book->search(new RecipeSearch($given['recipe']))[1][0];
            $due = isset($given['due']) ? $today->add(new \DateInterval("P{$given['due']}D")) : null;
            $document = isset($given['revision'])
                ? $this->book->revision($recipe->id, $given['revision'])->document
                : $recipe->draft->document;
            $run = $this->runs->begin(
                document: $this->read->document(Json::decode($document)),
                recipeId: $recipe->id,
                revision: $given['revision'] ?? null,
                place: $given['place'] ?? null,
                notBefore: null,
                due: $due,
            );
            $events = [];
            $at = null;
            foreach ($given['events'] ?? [] as $i => $event) {
                $at = new \DateTimeImmutable($today->modify("-{$event['ago']} days")->format('Y-m-d ').$event['at'], $zone);
                $events[] = (object) (
                    ['id' => "demo-$number-$i", 'at' => $at->format(\DATE_ATOM)] + array_diff_key($event, ['ago' => 1, 'at' => 1])
                );
            }
            $refused = $this->runs->note($run->id, $events);
            if ([] !== $refused) {
                throw new \LogicException(implode(' ', $refused));
            }
            if (true === ($given['finished'] ?? false)) {
                $this->runs->learn(id: $run->id, version: 1, lesson: $given['lesson'] ?? '', rating: $given['rating'] ?? null);
                $this->runs->change(
                    id: $run->id,
                    version: 2,
                    place: $run->place,
                    notBefore: null,
                    due: null,
                    finished: true,
                    archived: false,
                    finishedAt: $at,
                );
            }
        }
    }
}
