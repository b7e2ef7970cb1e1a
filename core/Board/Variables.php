<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

/**
 * Everything a board can vary, sorted by name.
 *
 * Immutable.
 */
final readonly class Variables
{
    /** @var array<string, Variable> */
    private array $byKey;

    /**
     * @param iterable<Variable> $things
     */
    public function __construct(iterable $things)
    {
        $byKey = [];
        foreach ($things as $thing) {
            $byKey[$thing->key()] = $thing;
        }
        uasort($byKey, static fn (Variable $a, Variable $b): int => $a->name() <=> $b->name());
        $this->byKey = $byKey;
    }

    /**
     * @throws InvalidBoard if there is no such thing
     */
    public function named(string $key): Variable
    {
        return $this->byKey[$key] ?? throw InvalidBoard::noSuchThing($key);
    }

    /**
     * @return list<Variable>
     */
    public function all(): array
    {
        return array_values($this->byKey);
    }
}
