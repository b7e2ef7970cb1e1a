<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

/**
 * Says in words what is different between two recipes: steps by their id, so that a moved step is a moved one and not
 * another. Of moved steps the fewest are named (those outside a longest common order).
 */
final readonly class CompareRecipes
{
    public function __construct(private DescribeStep $describe = new DescribeStep())
    {
    }

    /**
     * @return list<Change>
     */
    public function compare(Recipe $before, Recipe $after): array
    {
        $old = self::byId($before);
        $new = self::byId($after);

        return [
            ...$this->changes('', $this->facts($before), $this->facts($after), ''),
            ...$this->gone($old, $new),
            ...$this->added($old, $new, $after),
            ...$this->moved($before, $after, $old, $new),
            ...$this->altered($old, $new),
        ];
    }

    /**
     * @return array<string, array{int, Step}>
     */
    private static function byId(Recipe $recipe): array
    {
        $byId = [];
        foreach ($recipe->steps as $i => $step) {
            $byId[$step->id] = [$i + 1, $step];
        }

        return $byId;
    }

    /**
     * @param array<string, array{int, Step}> $old
     * @param array<string, array{int, Step}> $new
     *
     * @return list<Change>
     */
    private function gone(array $old, array $new): array
    {
        return array_values(array_map(static fn (array $s): Change => new Change($s[1]->id, \sprintf('Step %d, "%s", was taken out.', $s[0], $s[1]->name())), array_diff_key($old, $new)));
    }

    /**
     * @param array<string, array{int, Step}> $old
     * @param array<string, array{int, Step}> $new
     *
     * @return list<Change>
     */
    private function added(array $old, array $new, Recipe $after): array
    {
        return array_values(array_map(static function (array $s) use ($after): Change {
            $above = $after->steps[$s[0] - 2] ?? null;

            return new Change($s[1]->id, \sprintf('"%s" was put in as step %d%s.', $s[1]->name(), $s[0], null === $above ? ', at the start' : \sprintf(', after "%s"', $above->name())));
        }, array_diff_key($new, $old)));
    }

    /**
     * @param array<string, array{int, Step}> $old
     * @param array<string, array{int, Step}> $new
     *
     * @return list<Change>
     */
    private function moved(Recipe $before, Recipe $after, array $old, array $new): array
    {
        $keep = static fn (Recipe $r): array => array_values(array_filter(array_map(static fn (Step $s): string => $s->id, $r->steps), static fn (string $id): bool => isset($old[$id], $new[$id])));
        $stayed = array_flip(self::longestCommonOrder($keep($before), $keep($after)));
        $changes = [];
        foreach (array_diff_key(array_intersect_key($new, $old), $stayed) as $id => [$number, $step]) {
            $changes[] = new Change($step->id, \sprintf('"%s" was moved from step %d to step %d.', $step->name(), $old[$id][0], $number));
        }

        return $changes;
    }

    /**
     * @param array<string, array{int, Step}> $old
     * @param array<string, array{int, Step}> $new
     *
     * @return list<Change>
     */
    private function altered(array $old, array $new): array
    {
        $changes = [];
        foreach (array_intersect_key($new, $old) as $id => [$number, $step]) {
            $changes = [...$changes, ...$this->changes($step->id, $this->describe->facts($old[$id][1]), $this->describe->facts($step), \sprintf('Step %d, "%s": ', $number, $step->name()))];
        }

        return $changes;
    }

    /**
     * @param array<string, string> $old
     * @param array<string, string> $new
     *
     * @return list<Change>
     */
    private function changes(string $stepId, array $old, array $new, string $where): array
    {
        $changes = [];
        foreach (array_keys($old + $new) as $what) {
            [$was, $is] = [$old[$what] ?? 'not stated', $new[$what] ?? 'not stated'];
            if ($was !== $is) {
                $sentence = \sprintf('%s was %s, now %s.', $what, $was, $is);
                $changes[] = new Change($stepId, '' === $where ? ucfirst($sentence) : $where.$sentence);
            }
        }

        return $changes;
    }

    /**
     * @return array<string, string>
     */
    private function facts(Recipe $recipe): array
    {
        $facts = ['the title' => '"'.$recipe->title.'"', 'the piece' => $recipe->piece->name, 'the number of pieces' => (string) $recipe->piece->count];
        foreach ($recipe->piece->parts as $part) {
            $s = $part->substrate;
            $facts['the part "'.$part->name.'"'] = \sprintf('%d × %s m² %s, %s', $part->count, DescribeStep::number($part->area), $s->inWords(), $s->ground->value);
        }
        foreach ($recipe->schools as $question => $answer) {
            $facts['the school on "'.$question.'"'] = '"'.$answer.'"';
        }

        return $facts;
    }

    /**
     * @param list<string> $a
     * @param list<string> $b
     *
     * @return list<string>
     */
    private static function longestCommonOrder(array $a, array $b): array
    {
        $length = array_fill(0, \count($a) + 1, array_fill(0, \count($b) + 1, 0));
        for ($i = \count($a) - 1; $i >= 0; --$i) {
            for ($j = \count($b) - 1; $j >= 0; --$j) {
                $length[$i][$j] = $a[$i] === $b[$j] ? $length[$i + 1][$j + 1] + 1 : max($length[$i + 1][$j], $length[$i][$j + 1]);
            }
        }
        $common = [];
        for ($i = $j = 0; $i < \count($a) && $j < \count($b);) {
            if ($a[$i] === $b[$j]) {
                $common[] = $a[$i++];
                ++$j;
            } else {
                $length[$i + 1][$j] >= $length[$i][$j + 1] ? ++$i : ++$j;
            }
        }

        return $common;
    }
}
