<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Practice\WorkingDefaults;
use Inlaid\Core\Surface\BuildSurface;
use Inlaid\Core\Surface\Origin;
use Inlaid\Core\Surface\SurfaceStep;
use Inlaid\Core\Surface\WorkOnZone;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\DescribeSurfaceStep;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * How near a scheme comes to a wish by one choice and another. What lies below a change is kept; zones are worked out one after
 * another, and
 * no further than a choice can still be better than another.
 */
final class SchemeLook
{
    /** What a coat more, and a further material in a mix, count against one ΔE. */
    private const COAT = 0.02;
    private const MATERIAL = 0.05;

    /** @var array<int, array<string, SurfaceStep|null>> by slot and choice; null where the step is left out */
    private array $ops = [];
    /** @var array<int, array<string, Material|Mixture|null>> by slot and pot: the same pot is mixed once */
    private array $pots = [];
    /** @var array<int, Choice> by slot */
    private array $choices = [];
    /** @var array<int, SurfaceStep|null> null where a step is left out */
    private array $course = [];
    /** @var array<string, non-empty-list<ZoneState>> by zone: before each step, and after the last */
    private array $states = [];
    /** @var array<string, float> what was worked out, by all choices; less than nothing where it is known to be more than that */
    private array $costs = [];

    /**
     * @param int<1, max> $patches kept in a zone
     */
    public function __construct(
        public readonly Scheme $scheme,
        private readonly Wish $wish,
        private readonly Climate $climate,
        private readonly WorkingDefaults $habits,
        private readonly WorkOutSteps $steps,
        private readonly DescribeSurfaceStep $describe,
        BuildSurface $build,
        private readonly int $patches,
        public readonly LooksLeft $left,
    ) {
        foreach ($scheme->works as $work) {
            $this->course[] = $describe->describe($work, $scheme->part);
        }
        foreach (array_keys($wish->shares) as $zone) {
            $this->states[$zone] = [$build->start(Origin::of($scheme->part), Zone::from($zone))];
        }
        $this->set($scheme->usual());
    }

    /**
     * @return array<int, Choice> by slot
     */
    public function choices(): array
    {
        return $this->choices;
    }

    /**
     * @param array<int, Choice> $choices by slot
     */
    public function set(array $choices): void
    {
        $from = \count($this->course);
        foreach ($choices as $slot => $choice) {
            if (($this->choices[$slot]->key ?? null) !== $choice->key) {
                $this->choices[$slot] = $choice;
                $this->course[$slot] = $this->op($slot, $choice);
                $from = min($from, $slot);
            }
        }
        foreach ($this->states as $zone => $states) {
            $states = [$state = $states[0], ...\array_slice($states, 1, $from)];
            foreach ($this->course as $i => $step) {
                $states[$i + 1] = $state = $i < $from && isset($states[$i + 1]) ? $states[$i + 1] : $this->after($state, $step, $zone);
            }
            $this->states[$zone] = array_values($states);
        }
    }

    /** How far it is from the wish as it is set. */
    public function cost(): float
    {
        return $this->costOf([], \INF);
    }

    /**
     * How far it would be with some choices made otherwise.
     *
     * @param array<int, Choice> $changes by slot
     *
     * @return float more than `bound` where it is no nearer than that
     */
    public function costOf(array $changes, float $bound): float
    {
        $key = '';
        $cost = 0.0;
        foreach ($this->choices as $slot => $choice) {
            $choice = $changes[$slot] ?? $choice;
            $key .= $choice->key.';';
            $cost += self::COAT * $this->scheme->slots[$slot]->coats[$choice->coats] + self::MATERIAL * max(0, \count($choice->parts) - 1);
        }
        $known = $this->costs[$key] ?? null;
        if (null !== $known && ($known >= 0.0 || -$known >= $bound)) {
            return $known >= 0.0 ? $known : \INF;
        }
        $this->left->take();
        $cost = $this->workedOut($changes, $cost, $bound);
        $this->costs[$key] = \INF === $cost ? -$bound : $cost;

        return $cost;
    }

    /**
     * @param array<int, Choice> $changes by slot
     */
    private function workedOut(array $changes, float $cost, float $bound): float
    {
        $from = \count($this->course);
        $course = $this->course;
        foreach ($changes as $slot => $choice) {
            $course[$slot] = $this->op($slot, $choice);
            $from = min($from, $slot);
        }
        $steps = \count($course);
        foreach ($this->wish->shares as $zone => $share) {
            $state = $this->states[$zone][$from];
            for ($i = $from; $i < $steps; ++$i) {
                $state = $this->after($state, $course[$i], $zone);
            }
            $cost += $share * $this->wish->apart($zone, $state->lab()) + ('field' === $zone ? $this->wish->dull($state->contrast()) : 0.0);
            if ($cost > $bound) {
                return \INF;
            }
        }

        return $cost;
    }

    /**
     * @return array<string, ZoneState> by zone, as it is set
     */
    public function ends(): array
    {
        return array_map(static fn (array $states): ZoneState => $states[\count($states) - 1], $this->states);
    }

    private function after(ZoneState $state, ?SurfaceStep $step, string $zone): ZoneState
    {
        return null === $step ? $state : WorkOnZone::to(state: $state, step: $step, zone: Zone::from($zone), most: $this->patches);
    }

    private function op(int $slot, Choice $choice): ?SurfaceStep
    {
        if (!\array_key_exists($choice->key, $this->ops[$slot] ?? [])) {
            $of = $this->scheme->slots[$slot];
            $step = $of->step($choice, $this->pots[$slot][$choice->pot] ??= $of->uses($choice));
            $this->ops[$slot][$choice->key] = null === $step ? null : $this->describe->describe($this->steps->varied(
                before: $this->scheme->works[$slot],
                step: $step,
                climate: $this->climate,
                habits: $this->habits,
            ), $this->scheme->part);
        }

        return $this->ops[$slot][$choice->key];
    }
}
