<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * Something that a pair of hands does in one go.
 *
 * Immutable. `job` the piece it belongs to; `minutes` of hands; `links` to what comes before it; `last` what must pass after it before the
 * piece is ready; `pot` what it is done with; `notBefore` an instant; `alone` whether only the painter can do it; `room` the place where
 * the piece stands from here on, null where that does not matter; `hours` in which alone it can be done, null for any; `half` which part of
 * a whole it is, as it is told, null where it is whole.
 */
final readonly class Work
{
    /**
     * @param list<Precedence> $links
     */
    public function __construct(
        public string $id,
        public string $job,
        public int $minutes,
        public array $links = [],
        public Wait $last = new Minutes(0),
        public ?Pot $pot = null,
        public int $notBefore = 0,
        public bool $alone = false,
        public ?string $room = null,
        public ?HoursOfDay $hours = null,
        public ?string $half = null,
    ) {
    }

    /**
     * The same with other links, and not before another instant.
     *
     * @param list<Precedence> $links
     */
    public function after(array $links, int $notBefore): self
    {
        return new self(
            id: $this->id,
            job: $this->job,
            minutes: $this->minutes,
            links: $links,
            last: $this->last,
            pot: $this->pot,
            notBefore: $notBefore,
            alone: $this->alone,
            room: $this->room,
            hours: $this->hours,
            half: $this->half,
        );
    }
}
