<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

use Inlaid\Core\Recipe\DescribeStep;
use Inlaid\Core\Recipe\Step;

/**
 * Says what to write on the back of a patch, so that it can be told from its neighbours years later: wood, and every step with what makes
 * it what it is.
 */
final readonly class WriteBack
{
    private const SAID = [
        'the material',
        'coats',
        'the coat thickness',
        'the grit',
        'the dwell',
        'the share left on after wiping',
        'the tool',
        'the wait',
    ];

    public function __construct(private DescribeStep $describe = new DescribeStep())
    {
    }

    /**
     * @return list<string> the wood first, then step by step
     */
    public function lines(Patch $patch): array
    {
        $steps = array_map(
            fn (Step $s, int $i): string => \sprintf('%d. %s', $i + 1, $this->step($s, $patch)),
            $patch->recipe->steps,
            array_keys($patch->recipe->steps),
        );

        return [ucfirst($patch->recipe->piece->parts[0]->substrate->inWords()), ...$steps];
    }

    private function step(Step $step, Patch $patch): string
    {
        $facts = array_intersect_key($this->describe->facts($step, $patch->recipe), array_flip(self::SAID));
        $said = [];
        foreach ($facts as $what => $fact) {
            $said[] = match ($what) {
                'coats' => '1' === $fact ? '' : $fact.' coats',
                'the coat thickness' => $fact.' coat',
                'the grit' => 'grit '.$fact,
                'the dwell' => 'dwell '.$fact,
                'the share left on after wiping' => $fact.' left after wiping',
                'the wait' => 'then '.str_replace(['“', '”'], '', $fact),
                default => $fact,
            };
        }
        $said = array_filter($said, static fn (string $s): bool => '' !== $s && 'then nothing' !== $s);

        return $step->technique->name().([] === $said ? '' : ': '.implode(', ', $said));
    }
}
