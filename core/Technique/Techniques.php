<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * All techniques there are, sorted by name.
 *
 * Immutable.
 */
final readonly class Techniques
{
    /** @var array<string, Technique> */
    private array $byKey;

    /**
     * @param iterable<Technique> $techniques
     */
    public function __construct(iterable $techniques)
    {
        $byKey = [];
        foreach ($techniques as $technique) {
            $byKey[$technique->key()] = $technique;
        }
        uasort($byKey, static fn (Technique $a, Technique $b): int => $a->name() <=> $b->name());
        $this->byKey = $byKey;
    }

    /**
     * @throws UnknownTechnique
     */
    public function named(string $key): Technique
    {
        return $this->byKey[$key] ?? throw UnknownTechnique::named($key);
    }

    /**
     * @return list<Technique>
     */
    public function all(): array
    {
        return array_values($this->byKey);
    }
}
