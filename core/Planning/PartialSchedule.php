<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * Works laid into the calendar one after another, in a given order, each as early as it may be.
 *
 * A least fixpoint: where a largest wait is broken, the work before it is put off by just as much and all is laid again, up to three weeks;
 * a wait that is broken even then (every night is longer) is left and told.
 */
final class PartialSchedule
{
    private const LARGEST_PUSH = 21 * 86400;

    /** @var array<string, PlacedWork> in the order of laying */
    private array $placed = [];
    /** @var array<int, int> when each pair of hands is free */
    private array $free;
    /** @var array<int, array{string, int}> with which pot each pair of hands worked last, and since when it has been mixed */
    private array $pots = [];
    /** @var array<string, int> */
    private array $notBefore = [];
    /** @var array<string, int> where a work would have begun before it was put off for another */
    private array $first = [];
    /** @var array<string, true> */
    private array $givenUp = [];
    /** @var array<string, string> where each piece stands that has come in, by job */
    private array $entered;
    /** @var array<string, int> works laid, by job */
    private array $laid = [];
    /** @var array<string, int> when what is laid is over, by job */
    private array $over = [];

    /**
     * @param non-empty-list<Calendar> $hands
     */
    public function __construct(private readonly array $hands, private readonly int $from, private readonly PlaceCapacity $rooms)
    {
        $this->entered = $rooms->standing;
        $this->free = array_fill(0, \count($hands), $from);
    }

    /** With one more; null where it would lie too far ahead. All that it links to has been laid. Nothing of this one changes. */
    public function with(Work $work): ?self
    {
        return (clone $this)->add($work);
    }

    /** The same where nobody needs what it was before: this one may be changed, which saves its copy. */
    public function add(Work $work): ?self
    {
        $next = $this;
        while (true) {
            $placed = $next->place($work);
            if (null === $placed) {
                return null;
            }
            $late = $next->late($placed);
            if (null === $late) {
                $next->keep($placed);

                return $next;
            }
            $again = $next->putOff($work, ...$late);
            if (null === $again) {
                return null;
            }
            $next = $again;
        }
    }

    /**
     * Where a work would begin and end if it came next; null where that lies too far ahead, or there is no room for its piece yet.
     */
    public function place(Work $work): ?PlacedWork
    {
        $ready = max($this->from, $work->notBefore, $this->notBefore[$work->id] ?? 0);
        foreach ($work->links as $link) {
            $ready = max($ready, $link->wait->over($this->placed[$link->after]->end(), $this->hands[0]));
        }
        if (null !== $work->room && !isset($this->entered[$work->job])) {
            $room = $this->rooms->from(place: $work->room, entered: $this->entered, placed: $this->laid, over: $this->over);
            if (null === $room) {
                return null;
            }
            $ready = max($ready, $room);
        }
        if (0 === $work->minutes) {
            return new PlacedWork(
                work: $work,
                hands: 0,
                stretches: [new Interval($ready, $ready)],
                setUp: 0,
                over: $work->last->over($ready, $this->hands[0]),
            );
        }
        $best = null;
        foreach ($this->hands as $h => $calendar) {
            if ($work->alone && $h > 0) {
                break;
            }
            $at = max($ready, $this->free[$h]);
            $setUp = $this->goesOn($work, $h, $at) ? 0 : $work->setUp;
            $stretches = $calendar->fit($work->minutes + $setUp, $at);
            if (null !== $stretches && (null === $best || $stretches[\count($stretches) - 1]->end < $best->end())) {
                $best = new PlacedWork(
                    work: $work,
                    hands: $h,
                    stretches: $stretches,
                    setUp: $setUp,
                    over: $work->last->over($stretches[\count($stretches) - 1]->end, $this->hands[0]),
                );
            }
        }

        return $best;
    }

    /**
     * @return array<string, PlacedWork> in the order of laying
     */
    public function placed(): array
    {
        return $this->placed;
    }

    /**
     * @return array<string, int> minutes by which a largest wait is broken, by the work that comes too late
     */
    public function tooLong(): array
    {
        $tooLong = [];
        foreach (array_keys($this->givenUp) as $id) {
            $late = $this->lateOf($this->placed[$id]);
            if (null !== $late) {
                $tooLong[$id] = (int) ceil($late[1] / 60);
            }
        }

        return $tooLong;
    }

    private function keep(PlacedWork $placed): void
    {
        $work = $placed->work;
        $this->placed[$work->id] = $placed;
        null === $work->room || $this->entered[$work->job] ??= $work->room;
        $this->laid[$work->job] = ($this->laid[$work->job] ?? 0) + 1;
        $this->over[$work->job] = max($this->over[$work->job] ?? 0, $placed->over);
        if ($work->minutes > 0) {
            $this->free[$placed->hands] = $placed->end();
            if (null !== $work->pot && !$this->goesOn($work, $placed->hands, $placed->start())) {
                $this->pots[$placed->hands] = [$work->pot, $placed->start()];
            }
        }
    }

    private function goesOn(Work $work, int $hands, int $at): bool
    {
        [$pot, $since] = $this->pots[$hands] ?? [null, 0];

        return null === $work->pot
            || ($pot === $work->pot && (null === $work->potLife || $at + 60 * $work->minutes <= $since + 60 * $work->potLife));
    }

    /**
     * @return array{Precedence, int}|null the link whose largest wait is broken, and by how many seconds
     */
    private function late(PlacedWork $placed): ?array
    {
        return isset($this->givenUp[$placed->work->id]) ? null : $this->lateOf($placed);
    }

    /**
     * @return array{Precedence, int}|null
     */
    private function lateOf(PlacedWork $placed): ?array
    {
        $worst = null;
        foreach ($placed->work->links as $link) {
            $late = null === $link->most ? 0 : $placed->start() - $this->placed[$link->after]->end() - 60 * $link->most;
            $worst = $late > max(0, $worst[1] ?? 0) ? [$link, $late] : $worst;
        }

        return $worst;
    }

    /**
     * All that has been laid, laid again with the work before put off; or with the wait given up where that does not help.
     */
    private function putOff(Work $work, Precedence $link, int $late): ?self
    {
        $before = $this->placed[$link->after];
        $again = new self($this->hands, $this->from, $this->rooms);
        [$again->notBefore, $again->first, $again->givenUp] = [$this->notBefore, $this->first, $this->givenUp];
        $again->first[$work->id] ??= $before->start();
        if ($before->start() + $late - $again->first[$work->id] > self::LARGEST_PUSH) {
            $again->givenUp[$work->id] = true;
            $again->notBefore[$link->after] = 0;
        } else {
            $again->notBefore[$link->after] = $before->start() + $late;
        }
        foreach ($this->placed as $placed) {
            $again = $again?->add($placed->work);
        }

        return $again;
    }
}
