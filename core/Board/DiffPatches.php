<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

use Inlaid\Core\Recipe\DescribeStep;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;

/**
 * Finds the things in which two patches differ: the wood, what is done on one only, the order, and in what is done on both whatever is
 * stated: technique, mix, coats, grit, dwell, wiping, tool, wait.
 *
 * Steps are the same by their id, for both come from one recipe. What is only a name or a reason (title, note, intent) makes no difference
 * to a patch.
 */
final readonly class DiffPatches
{
    private const ONLY_SAID = ['the title', 'the note', 'the purpose', 'the parts', 'hands-on time'];

    public function __construct(private DescribeStep $describe = new DescribeStep())
    {
    }

    /**
     * All that makes a patch what it is, as one text: patches with the same do not differ.
     */
    public function signature(Recipe $patch): string
    {
        $steps = array_map(
            fn (Step $s): array => [$s->id, array_diff_key($this->describe->facts($s, $patch), array_flip(self::ONLY_SAID))],
            $patch->steps,
        );

        return json_encode([$patch->piece->parts[0]->substrate->inWords(), $steps], \JSON_THROW_ON_ERROR);
    }

    /**
     * @return list<Difference>
     */
    public function between(Recipe $one, Recipe $other): array
    {
        $found = [];
        [$wood, $otherWood] = [$one->piece->parts[0]->substrate->inWords(), $other->piece->parts[0]->substrate->inWords()];
        if ($wood !== $otherWood) {
            $found[] = new Difference('the wood', $wood, $otherWood);
        }
        [$steps, $others] = [$one->stepsById(), $other->stepsById()];
        foreach (array_diff_key($steps + $others, array_intersect_key($steps, $others)) as $id => $step) {
            $found[] = new Difference($step->name(), isset($steps[$id]) ? 'done' : 'skipped', isset($steps[$id]) ? 'skipped' : 'done');
        }
        $common = array_intersect_key($steps, $others);
        $order = array_keys(array_intersect_key($others, $common));
        if (array_keys($common) !== $order) {
            $found[] = new Difference('the order', self::names($common), self::names(array_intersect_key($others, $common)));
        }
        foreach ($common as $id => $step) {
            $found = [
                ...$found,
                ...$this->inStep($this->describe->facts($step, $one), $this->describe->facts($others[$id], $other), $step->name()),
            ];
        }

        return $found;
    }

    /**
     * @param array<string, string> $facts
     * @param array<string, string> $others
     *
     * @return list<Difference>
     */
    private function inStep(array $facts, array $others, string $name): array
    {
        $found = [];
        foreach (array_diff(array_keys($facts + $others), self::ONLY_SAID) as $what) {
            [$one, $other] = [$facts[$what] ?? 'not set', $others[$what] ?? 'not set'];
            if ($one !== $other) {
                $found[] = new Difference($name.', '.$what, str_replace(['“', '”'], '', $one), str_replace(['“', '”'], '', $other));
            }
        }

        return $found;
    }

    /**
     * @param array<string, Step> $steps
     */
    private static function names(array $steps): string
    {
        return implode(', ', array_map(static fn (Step $s): string => $s->name(), $steps));
    }
}
