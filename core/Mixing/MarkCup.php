<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

/**
 * Works out the marks on a cup for pouring the ingredients of a batch one after the other.
 *
 * Levels are of what lies in the mix: a powder counts with its true volume, as it does once it is stirred in.
 */
final class MarkCup
{
    /**
     * @param list<array{string, string, float}> $pours material id, name and true volume in ml, in pouring order
     *
     * @return list<Mark>
     */
    public function mark(Vessel $vessel, array $pours): array
    {
        $level = 0.0;
        $marks = [];
        foreach ($pours as [$id, $name, $volume]) {
            $level += $volume;
            $marks[] = new Mark(materialId: $id, name: $name, upTo: $level, height: $vessel->heightOf($level));
        }

        return $marks;
    }

    /**
     * The smallest of the cups that the whole of a volume in ml fits in, with a tenth to spare for stirring.
     *
     * @param list<Vessel> $vessels
     */
    public function choose(array $vessels, float $volume): ?Vessel
    {
        $fits = array_filter($vessels, static fn (Vessel $v): bool => $v->capacity() >= $volume * 1.1);
        usort($fits, static fn (Vessel $a, Vessel $b): int => $a->capacity() <=> $b->capacity());

        return $fits[0] ?? null;
    }
}
