<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\Catalogue\LoadUsualNext;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\RecipeBook;

/**
 * What comes next after a technique: what the painter did more than once in their last recipes first, by how often, then what is usual.
 */
final readonly class UsualNext
{
    private const HABIT = 2;

    public function __construct(private RecipeBook $recipes, private LoadUsualNext $usual)
    {
    }

    /**
     * @return array<string, list<string>> by technique, `begin` for an empty recipe
     */
    public function all(): array
    {
        $seen = [];
        foreach ($this->recipes->latest() as $document) {
            $before = LoadUsualNext::BEGIN;
            foreach (Json::objects(Json::object($document), 'steps') as $step) {
                $key = $step->technique ?? null;
                if (\is_string($key)) {
                    $seen[$before][$key] = ($seen[$before][$key] ?? 0) + 1;
                    $before = $key;
                }
            }
        }
        $usual = $this->usual->load();
        $next = [];
        foreach (array_unique([...array_keys($usual), ...array_keys($seen)]) as $of) {
            $habits = array_filter($seen[$of] ?? [], static fn (int $often): bool => $often >= self::HABIT);
            arsort($habits);
            $next[$of] = array_values(array_unique([...array_keys($habits), ...$usual[$of] ?? []]));
        }

        return $next;
    }
}
