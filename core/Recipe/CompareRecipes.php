<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

use Inlaid\Core\Material\DescribeMaterial;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Piece\Joint;
use Inlaid\Core\Piece\PiecePart;

/**
 * Says in words what is different between two recipes: parts, steps and materials by their id, so that a moved step is a
 * moved one and not another. Of moved steps the fewest are named (those outside a longest common order).
 */
final readonly class CompareRecipes
{
    /** Facts whose name is a plural. */
    private const PLURAL = ['the other cleaners', 'the packs', 'the cautions', 'the values measured on boards'];

    public function __construct(
        private DescribeRecipe $recipe,
        private DescribeStep $step = new DescribeStep(),
        private DescribeMaterial $facts = new DescribeMaterial(),
    ) {
    }

    /**
     * @return list<Change>
     */
    public function compare(Recipe $before, Recipe $after): array
    {
        $old = self::steps($before);
        $new = self::steps($after);

        return [
            ...$this->changes(stepId: '', old: $this->recipe->facts($before), new: $this->recipe->facts($after), where: ''),
            ...$this->parts($before, $after),
            ...$this->joints($before, $after),
            ...array_values(array_map(
                static fn (array $s): Change => new Change($s[1]->id, \sprintf('Step %d, “%s”, was removed.', $s[0], $s[1]->name())),
                array_diff_key($old, $new),
            )),
            ...$this->added($old, $new, $after),
            ...$this->moved(before: $before, after: $after, old: $old, new: $new),
            ...$this->altered(before: $before, after: $after, old: $old, new: $new),
            ...$this->materials($before, $after),
        ];
    }

    /**
     * @return array<string, array{int, Step}> number and step by id
     */
    private static function steps(Recipe $recipe): array
    {
        $byId = [];
        foreach ($recipe->steps as $i => $step) {
            $byId[$step->id] = [$i + 1, $step];
        }

        return $byId;
    }

    /**
     * @return list<Change>
     */
    private function parts(Recipe $before, Recipe $after): array
    {
        return $this->named(
            'part',
            array_column(array_map(fn (PiecePart $p): array => [$p->id, [$p->name, $this->recipe->part($p)]], $before->piece->parts), 1, 0),
            array_column(array_map(fn (PiecePart $p): array => [$p->id, [$p->name, $this->recipe->part($p)]], $after->piece->parts), 1, 0),
        );
    }

    /**
     * @return list<Change>
     */
    private function joints(Recipe $before, Recipe $after): array
    {
        $facts = fn (Recipe $r): array => array_column(
            array_map(fn (Joint $j): array => [$j->id, [$j->name, $this->recipe->joint($j, $r->piece)]], $r->piece->joints),
            1,
            0,
        );

        return $this->named('joint', $facts($before), $facts($after));
    }

    /**
     * What was taken out, added or altered among things with names of their own.
     *
     * @param array<string, array{string, array<string, string>}> $old name and facts by id
     * @param array<string, array{string, array<string, string>}> $new
     *
     * @return list<Change>
     */
    private function named(string $what, array $old, array $new): array
    {
        $changes = [];
        foreach ($old + $new as $id => [$name]) {
            $changes = [...$changes, ...match (true) {
                !isset($new[$id]) => [new Change('', \sprintf('The %s “%s” was removed.', $what, $name))],
                !isset($old[$id]) => [new Change('', \sprintf('The %s “%s” was added.', $what, $name))],
                default => $this->changes(
                    stepId: '',
                    old: $old[$id][1],
                    new: $new[$id][1],
                    where: \sprintf('%s “%s”: ', ucfirst($what), $name),
                ),
            }];
        }

        return $changes;
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

            return new Change(
                $s[1]->id,
                \sprintf(
                    '“%s” was added as step %d%s.',
                    $s[1]->name(),
                    $s[0],
                    null === $above ? ', at the start' : \sprintf(', after “%s”', $above->name()),
                ),
            );
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
        $keep = static fn (Recipe $r): array => array_values(array_filter(
            array_map(static fn (Step $s): string => $s->id, $r->steps),
            static fn (string $id): bool => isset($old[$id], $new[$id]),
        ));
        $stayed = array_flip(self::longestCommonOrder($keep($before), $keep($after)));
        $changes = [];
        foreach (array_diff_key(array_intersect_key($new, $old), $stayed) as $id => [$number, $step]) {
            $changes[] = new Change($step->id, \sprintf('“%s” was moved from step %d to step %d.', $step->name(), $old[$id][0], $number));
        }

        return $changes;
    }

    /**
     * @param array<string, array{int, Step}> $old
     * @param array<string, array{int, Step}> $new
     *
     * @return list<Change>
     */
    private function altered(Recipe $before, Recipe $after, array $old, array $new): array
    {
        $changes = [];
        foreach (array_intersect_key($new, $old) as $id => [$number, $step]) {
            $changes = [
                ...$changes,
                ...$this->changes(
                    stepId: $step->id,
                    old: $this->step->facts($old[$id][1], $before),
                    new: $this->step->facts($step, $after),
                    where: \sprintf('Step %d, “%s”: ', $number, $step->name()),
                ),
            ];
        }

        return $changes;
    }

    /**
     * Figures of materials that both recipes use, where a newer copy was taken from the shelf.
     *
     * @return list<Change>
     */
    private function materials(Recipe $before, Recipe $after): array
    {
        [$old, $new] = [self::used($before), self::used($after)];
        $changes = [];
        foreach (array_intersect_key($new, $old) as $id => $material) {
            $changes = [...$changes, ...$this->material($old[$id], $material)];
        }

        return $changes;
    }

    /**
     * In what a material is another than it was.
     *
     * @return list<Change>
     */
    public function material(Material $before, Material $after): array
    {
        return $this->changes(
            stepId: '',
            old: $this->facts->facts($before),
            new: $this->facts->facts($after),
            where: \sprintf('%s: ', $before->name),
        );
    }

    /**
     * @return array<string, Material> by id, in order of first use
     */
    private static function used(Recipe $recipe): array
    {
        $used = [];
        $look = static function (Material|Mixture|null $of) use (&$look, &$used): void {
            if ($of instanceof Material) {
                $used[$of->id] ??= $of;
            }
            foreach ($of instanceof Mixture ? $of->parts : [] as $part) {
                $look($part->of);
            }
        };
        foreach ($recipe->steps as $step) {
            $look($step->uses);
        }

        return $used;
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
            [$was, $is] = [$old[$what] ?? 'not set', $new[$what] ?? 'not set'];
            if ($was !== $is) {
                $sentence = \sprintf('%s %s %s, now %s.', $what, \in_array($what, self::PLURAL, true) ? 'were' : 'was', $was, $is);
                $changes[] = new Change($stepId, '' === $where ? ucfirst($sentence) : $where.$sentence);
            }
        }

        return $changes;
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
