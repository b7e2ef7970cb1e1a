<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * Something that a pair of hands does in one go.
 *
 * Immutable. `job` the piece it belongs to; `minutes` of hands; `links` to what comes before it; `last` what must pass after it before the
 * piece is ready; `pot` what it is done with, `setUp` minutes that it takes to begin with another pot or to mix a new one, `potLife`
 * minutes after which a pot is mixed anew;
 * `notBefore` an instant; `alone` whether only the painter can do it; `room` the place where the piece stands from here on, null where that
 * does not matter.
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
        public ?string $pot = null,
        public int $setUp = 0,
        public ?int $potLife = null,
        public int $notBefore = 0,
        public bool $alone = false,
        public ?string $room = null,
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
            setUp: $this->setUp,
            potLife: $this->potLife,
            notBefore: $notBefore,
            alone: $this->alone,
            room: $this->room,
        );
    }
}
