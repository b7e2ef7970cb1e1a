<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Planning\WorkKey;
use Inlaid\Core\Technique\Zone;

/**
 * Something that was noted at the bench, by a device, when it happened.
 *
 * Immutable. `id` made by the device; `at` seconds since 1970 by its clock; `step`, `coat` and `lay` what it belongs to; `ml` what was
 * poured; `text` a note; `retracts` the event that it undoes; `of` the step whose mix is taken; `before` the step before which one is put
 * in, the last if null; `does` what is done otherwise, as a document says it; `zone` where a colour was seen.
 */
final readonly class Event
{
    private const IMPROVISED = 'i-';

    private function __construct(
        public string $id,
        public int $at,
        public EventKind $kind,
        public ?string $step,
        public int $coat,
        public int $lay,
        public ?float $ml,
        public ?string $text,
        public ?Climate $climate,
        public ?Colour $colour,
        public ?string $retracts,
        public ?string $of,
        public ?string $before,
        public ?string $does,
        public Zone $zone,
    ) {
    }

    /**
     * @throws InvalidEntry if what its kind needs is missing
     */
    public static function of(
        string $id,
        int $at,
        EventKind $kind,
        ?string $step = null,
        int $coat = 1,
        int $lay = 1,
        ?float $ml = null,
        ?string $text = null,
        ?Climate $climate = null,
        ?Colour $colour = null,
        ?string $retracts = null,
        ?string $of = null,
        ?string $before = null,
        ?string $does = null,
        Zone $zone = Zone::Field,
    ): self {
        return match (true) {
            $kind->isOfStep() && null === $step => throw InvalidEntry::needs('its step'),
            $coat < 1 || $lay < 1 || $lay > 2 => throw InvalidEntry::needs('a coat from 1, and side 1 or 2'),
            EventKind::Poured === $kind && (null === $ml || $ml <= 0.0 || $ml > 100_000) => throw InvalidEntry::needs('an amount above 0'),
            EventKind::Note === $kind && (null === $text || '' === trim($text)) => throw InvalidEntry::needs('words'),
            EventKind::Climate === $kind && null === $climate => throw InvalidEntry::needs('the climate'),
            EventKind::Colour === $kind && null === $colour => throw InvalidEntry::needs('a colour'),
            $kind->isImprovised() && null === $does => throw InvalidEntry::needs('what is done'),
            EventKind::Mix === $kind && (null === $of || $of === $step) => throw InvalidEntry::needs('the step whose mix is used'),
            EventKind::Retract === $kind
                && (null === $retracts || $retracts === $id) => throw InvalidEntry::needs('the entry that it undoes'),
            default => new self(
                id: $id,
                at: $at,
                kind: $kind,
                step: $step,
                coat: $coat,
                lay: $lay,
                ml: $ml,
                text: $text,
                climate: $climate,
                colour: $colour,
                retracts: $retracts,
                of: $of,
                before: $before,
                does: $does,
                zone: $zone,
            ),
        };
    }

    /** The work it belongs to, by its key within the piece. */
    public function key(): string
    {
        return (string) new WorkKey((string) $this->step, $this->coat, $this->lay);
    }

    /** The id of the step that an event improvised: the tablet knows it before the program answers. */
    public static function improvised(string $event): string
    {
        return self::IMPROVISED.$event;
    }

    public static function isImprovised(string $step): bool
    {
        return str_starts_with($step, self::IMPROVISED);
    }
}
