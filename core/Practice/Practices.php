<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice;

/**
 * All questions on which the trade differs, sorted by key.
 *
 * Immutable.
 */
final readonly class Practices
{
    /** @var array<string, Practice> */
    private array $byKey;

    /**
     * @param iterable<Practice> $practices
     */
    public function __construct(iterable $practices)
    {
        $byKey = [];
        foreach ($practices as $practice) {
            $byKey[$practice->key()] = $practice;
        }
        ksort($byKey);
        $this->byKey = $byKey;
    }

    /**
     * @return list<Practice>
     */
    public function all(): array
    {
        return array_values($this->byKey);
    }

    /**
     * @throws InvalidPractice if the question or the answer is unknown
     */
    public function check(string $key, string $choice): void
    {
        $this->inWords($key, $choice);
    }

    /**
     * The question and the answer as they are asked and given.
     *
     * @return array{string, string}
     *
     * @throws InvalidPractice if the question or the answer is unknown
     */
    public function inWords(string $key, string $choice): array
    {
        $school = $this->byKey[$key] ?? throw InvalidPractice::unknown($key);
        foreach ($school->choices() as $c) {
            if ($c->key === $choice) {
                return [$school->question(), $c->name];
            }
        }

        throw InvalidPractice::unknownChoice($key, $choice);
    }

    /**
     * How somebody works who follows these practices; the recipe's answer goes before the studio's.
     *
     * @param array<string, string> $studio
     * @param array<string, string> $recipe
     */
    public function habits(array $studio, array $recipe): WorkingDefaults
    {
        $habits = new WorkingDefaults();
        foreach ($this->byKey as $key => $school) {
            $answer = $recipe[$key] ?? $studio[$key] ?? $school->choices()[0]->key;
            $habits = $school->apply($habits, $answer)->holding($key, $answer);
        }

        return $habits;
    }
}
