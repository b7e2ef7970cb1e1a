<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * Where on the faces it touches a step is meant for, if not for all of them.
 */
enum Within: string
{
    case Edges = 'edges';
    case Recesses = 'recesses';
    /** Mouldings, carving and turning, high and low. */
    case Relief = 'relief';
    case Corners = 'corners';
    case Handle = 'handle';
    case Feet = 'feet';
    case Rims = 'rims';

    public function inWords(): string
    {
        return match ($this) {
            self::Edges => 'edges',
            self::Recesses => 'recesses',
            self::Relief => 'mouldings and carving',
            default => $this->worn()?->inWords() ?? '',
        };
    }

    /** The worn place that it is, where it is one. */
    public function worn(): ?WornPlace
    {
        return match ($this) {
            self::Edges, self::Recesses, self::Relief => null,
            default => WornPlace::from($this->value),
        };
    }

    /** The share of a zone that belongs to it. */
    public function of(Zone $zone): float
    {
        $worn = $this->worn();

        return match (true) {
            null !== $worn => match ($zone) {
                Zone::Field, Zone::Pore => $worn->ofFlat(), Zone::Edge => $worn->ofEdges(), Zone::Recess => 0.0,
            },
            Zone::Edge === $zone => self::Recesses === $this ? 0.0 : 1.0,
            Zone::Recess === $zone => self::Edges === $this ? 0.0 : 1.0,
            default => 0.0,
        };
    }
}
