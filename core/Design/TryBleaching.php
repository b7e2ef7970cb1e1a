<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Practice\WorkingDefaults;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Kind\Bleached;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * How near a finish in the wood would come if the wood were bleached first: once, twice, three times.
 */
final readonly class TryBleaching
{
    private const MOST = 3;
    private const LOOKS = 1500;

    public function __construct(private SearchLooks $search = new SearchLooks(), private WorkOutSteps $steps = new WorkOutSteps())
    {
    }

    /**
     * @return list<float> how far it is from the wish once the wood is bleached once, twice …, ΔE
     */
    public function tried(Found $found, Wish $wish, Material $bleach, Climate $climate, WorkingDefaults $habits): array
    {
        $scheme = $found->scheme;
        $first = min([\count($scheme->works) - 1, ...array_keys($scheme->slots)]);
        $apart = [];
        for ($times = 1; $times <= self::MOST; ++$times) {
            $step = Step::of(
                id: 'bleach-first',
                title: 'Bleach',
                technique: new Bleached(),
                intent: Intent::of(Purpose::Functional),
                parts: [],
                uses: $bleach,
                coats: $times,
                detail: StepDetail::of(),
                wait: WaitRule::of(WaitUntil::Through),
            );
            $work = $this->steps->varied(before: $scheme->works[$first], step: $step, climate: $climate, habits: $habits);
            $slots = [];
            foreach ($scheme->slots as $at => $slot) {
                $slots[$at + 1] = $slot;
            }
            $bleached = new Scheme(
                key: $scheme->key,
                part: $scheme->part,
                works: [...\array_slice($scheme->works, 0, $first), $work, ...\array_slice($scheme->works, $first)],
                slots: $slots,
            );
            $best = $this->search->search(
                schemes: [$bleached],
                wish: $wish,
                climate: $climate,
                habits: $habits,
                isOver: static fn (): bool => false,
                looks: self::LOOKS,
            )->found[0];
            $apart[] = $wish->off($best->ends);
        }

        return $apart;
    }
}
