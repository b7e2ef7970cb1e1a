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
    /** How often a work is put off to the next hour in which it can be done: two of a day, for two months. */
    private const MOST_TRIES = 120;

    /** @var array<string, PlacedWork> in the order of laying */
    private array $placed = [];
    /** @var array<int, int> when each pair of hands is free */
    private array $free;
    /** @var array<int, string> with which pot each pair of hands worked last */
    private array $pots = [];
    /** @var array<string, int> since when each pot has been mixed */
    private array $mixed = [];
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
            );
        }
        $best = null;
        foreach ($this->hands as $h => $calendar) {
            if ($work->alone && $h > 0) {
                break;
            }
            $placed = $this->inHands(work: $work, hands: $h, calendar: $calendar, ready: $ready);
            if (null !== $placed && (null === $best || $placed->end() < $best->end())) {
                $best = $placed;
            }
        }

        return $best;
    }

    private function inHands(Work $work, int $hands, Calendar $calendar, int $ready): ?PlacedWork
    {
        $at = max($ready, $this->free[$hands]);
        $pot = $work->pot;
        $setUp = null === $pot || ($this->pots[$hands] ?? null) === $pot->id ? 0 : $pot->setUp;
        $stretches = $this->fit(work: $work, calendar: $calendar, minutes: $work->minutes + $setUp, at: $at);
        $mixes = null !== $pot && !$this->keeps($pot, $stretches);
        if ($mixes) {
            $setUp = $pot->setUp;
            $stretches = $pot->slake > 0
                ? $this->afterRest(work: $work, calendar: $calendar, at: $at, free: $this->free[$hands])
                : $this->fit(work: $work, calendar: $calendar, minutes: $work->minutes + $setUp, at: $at);
        }

        return null === $stretches ? null : new PlacedWork(
            work: $work,
            hands: $hands,
            stretches: $stretches,
            setUp: $setUp,
            mixed: $mixes,
        );
    }

    /**
     * Mixed as late as it may be, so that it has rested when it is needed.
     *
     * @return non-empty-list<Interval>|null
     */
    private function afterRest(Work $work, Calendar $calendar, int $at, int $free): ?array
    {
        $pot = $work->pot;
        $laid = $this->fit(work: $work, calendar: $calendar, minutes: $work->minutes, at: $at);
        if (null === $pot || null === $laid) {
            return null;
        }
        $mixed = $calendar->fit($pot->setUp, max($free, $laid[0]->start - 60 * ($pot->setUp + $pot->slake)));
        if (null === $mixed) {
            return null;
        }
        $rested = $mixed[\count($mixed) - 1]->end + 60 * $pot->slake;
        $laid = $rested > $laid[0]->start ? $this->fit(work: $work, calendar: $calendar, minutes: $work->minutes, at: $rested) : $laid;

        return null === $laid ? null : [$mixed[0], ...$laid];
    }

    /**
     * The first working times that hold so many minutes, in hours in which it can be done.
     *
     * @return non-empty-list<Interval>|null
     */
    private function fit(Work $work, Calendar $calendar, int $minutes, int $at): ?array
    {
        $stretches = $calendar->fit($minutes, $at);
        for ($tries = 0; null !== $stretches && null !== $work->hours; ++$tries) {
            $closed = null;
            foreach ($stretches as $stretch) {
                $closed ??= $work->hours->closedIn($stretch);
            }
            if (null === $closed) {
                break;
            }
            $stretches = $tries > self::MOST_TRIES ? null : $calendar->fit($minutes, $work->hours->opensAfter($closed));
        }

        return $stretches;
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
        $this->placed[$work->id] = $placed = $placed->over($work->last->over($placed->end(), $this->hands[0]));
        null === $work->room || $this->entered[$work->job] ??= $work->room;
        $this->laid[$work->job] = ($this->laid[$work->job] ?? 0) + 1;
        $this->over[$work->job] = max($this->over[$work->job] ?? 0, $placed->over);
        if ($work->minutes > 0) {
            $this->free[$placed->hands] = $placed->end();
            if (null !== $work->pot) {
                $this->pots[$placed->hands] = $work->pot->id;
                $this->mixed[$work->pot->id] = max($this->mixed[$work->pot->id] ?? 0, $placed->mixed ? $placed->start() : 0);
            }
        }
    }

    /**
     * Is there some of it that was mixed before, and is it good to the end?
     *
     * @param non-empty-list<Interval>|null $stretches
     */
    private function keeps(Pot $pot, ?array $stretches): bool
    {
        $since = $this->mixed[$pot->id] ?? null;

        return null !== $since
            && null !== $stretches
            && $since <= $stretches[0]->start
            && (null === $pot->life || $stretches[\count($stretches) - 1]->end <= $since + 60 * $pot->life);
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
            $late = null === $link->most ? 0 : $placed->begins() - $this->placed[$link->after]->end() - 60 * $link->most;
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
        $again->first[$work->id] ??= $before->begins();
        if ($before->begins() + $late - $again->first[$work->id] > self::LARGEST_PUSH) {
            $again->givenUp[$work->id] = true;
            $again->notBefore[$link->after] = 0;
        } else {
            $again->notBefore[$link->after] = $before->begins() + $late;
        }
        foreach ($this->placed as $placed) {
            $again = $again?->add($placed->work);
        }

        return $again;
    }
}
