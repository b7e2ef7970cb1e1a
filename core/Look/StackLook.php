<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Technique\Zone;

/**
 * How faces that share ground and steps look, zone by zone, before the first step and after each.
 *
 * Immutable. `most` patches kept in a zone.
 */
final readonly class StackLook
{
    /**
     * @param int<1, max>                                        $most
     * @param list<Doing>                                        $doings
     * @param non-empty-array<string, non-empty-list<ZoneState>> $course by zone: bare, then after each of the doings
     */
    public function __construct(public array $doings, public array $course, public int $most = DoStep::MOST_PATCHES)
    {
    }

    /**
     * @return list<Zone>
     */
    public function zones(): array
    {
        return array_map(Zone::from(...), array_keys($this->course));
    }

    /** Before any of the doings. */
    public function before(Zone $zone): ZoneState
    {
        return $this->course[$zone->value][0];
    }

    /** What one of the doings meets. */
    public function met(int $doing, Zone $zone): ZoneState
    {
        return 0 === $doing ? $this->before($zone) : $this->after($doing - 1, $zone);
    }

    public function after(int $doing, Zone $zone): ZoneState
    {
        return $this->course[$zone->value][$doing + 1] ?? throw new \LogicException('There is no such step.');
    }

    public function end(Zone $zone): ZoneState
    {
        $course = $this->course[$zone->value];

        return $course[\count($course) - 1];
    }

    /**
     * The same with no more patches in a zone than so many.
     *
     * @param int<1, max> $most
     */
    public function withAtMost(int $most): self
    {
        $course = [];
        foreach ($this->course as $zone => $states) {
            $patches = max(array_map(static fn (ZoneState $s): int => \count($s->patches), $states));
            $course[$zone] = $patches <= $most ? $states : DoStep::all($states[0], $this->doings, Zone::from($zone), $most);
        }

        return $course === $this->course ? $this : new self($this->doings, $course, min($most, $this->most));
    }

    /**
     * With more done.
     *
     * @param list<Doing> $more
     */
    public function then(array $more): self
    {
        $course = [];
        foreach ($this->course as $zone => $states) {
            $course[$zone] = [...$states, ...\array_slice(DoStep::all($this->end(Zone::from($zone)), $more, Zone::from($zone), $this->most), 1)];
        }

        return new self([...$this->doings, ...$more], $course, $this->most);
    }

    /** As if one of the doings were done at the place of a later one, in one zone: what was before it stays. */
    public function moved(int $doing, int $to, Zone $zone): self
    {
        $doings = $this->doings;
        $moved = array_splice($doings, $doing, 1);
        array_splice($doings, $to, 0, $moved);
        $before = \array_slice($this->course[$zone->value], 0, $doing);

        return new self($doings, [$zone->value => [...$before, ...DoStep::all($this->met($doing, $zone), \array_slice($doings, $doing), $zone, $this->most)]], $this->most);
    }

    /**
     * As if one of the doings were left out.
     *
     * @return non-empty-list<ZoneState> in place of it, and after each later one
     */
    public function leftOut(int $doing, Zone $zone): array
    {
        return DoStep::all($this->met($doing, $zone), \array_slice($this->doings, $doing + 1), $zone, $this->most);
    }
}
