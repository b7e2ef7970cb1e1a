<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Technique\Zone;

/**
 * What a step meets on a face, or what is there at the end: the questions that rules ask of a surface.
 *
 * Immutable.
 */
final readonly class Met
{
    /** Less than this share of an old finish is specks. */
    private const SPECKS = 0.1;
    /** The share of a zone from which it counts as all of it. */
    private const MOST = 0.5;

    public function __construct(private LaidSurface $surface, private int $after)
    {
    }

    public function zone(Zone $zone): ZoneState
    {
        return $this->surface->ahead($this->after, $zone);
    }

    public function condition(): Condition
    {
        return $this->surface->conditions[$this->after];
    }

    /** µm of an old finish left on the flat, on average. */
    public function oldLeft(): float
    {
        return array_sum(array_map(static fn (Patch $p): float => $p->share * $p->old, $this->zone(Zone::Field)->patches));
    }

    /** µm of wood that were taken off the flat where it is most, specks aside. */
    public function worn(): float
    {
        $worn = 0.0;
        foreach ($this->zone(Zone::Field)->patches as $patch) {
            $worn = $patch->share >= ZoneState::SEEN ? max($worn, $patch->worn) : $worn;
        }

        return $worn;
    }

    /** µm of dry film on the flat, on average. */
    public function filmDepth(): float
    {
        $films = 0.0;
        foreach ($this->zone(Zone::Field)->patches as $patch) {
            $films += $patch->share * array_sum(array_map(static fn (LaidFilm $f): float => $f->depthOfFilm(), $patch->films));
        }

        return $films;
    }

    /** Is there no old finish on the flat, or no more than specks? */
    public function isBare(): bool
    {
        return $this->oldLeft() <= self::SPECKS * $this->surface->before(Zone::Field)->patches[0]->old;
    }

    /** Does what is laid go into the wood on most of the flat? */
    public function isOpenWood(): bool
    {
        return self::MOST <= self::share($this->zone(Zone::Field), static fn (Patch $p): bool => $p->isOpenWood());
    }

    /**
     * What lies on top, by the share of a zone: the last film of each patch, '' where there is none.
     *
     * @return array<string, float> by step
     */
    public function tops(Zone $zone): array
    {
        $tops = [];
        foreach ($this->zone($zone)->patches as $patch) {
            $top = $patch->films[\count($patch->films) - 1]->stepId ?? '';
            $tops[$top] = ($tops[$top] ?? 0.0) + $patch->share;
        }

        return $tops;
    }

    /** What lies on most of a zone: the step, '' where there is none. */
    public function top(Zone $zone): string
    {
        $tops = $this->tops($zone);
        arsort($tops);

        return (string) array_key_first($tops);
    }

    /** Does the film of a step lie under a resist anywhere? */
    public function isUnderResist(string $stepId): bool
    {
        foreach ($this->surface->zones() as $zone) {
            foreach ($this->zone($zone)->patches as $patch) {
                foreach (\array_slice($patch->films, 0, $patch->resist() ?? 0) as $film) {
                    if ($film->stepId === $stepId) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /** How thirsty the wood is where it is open, against what is usual of its kind. */
    public function thirst(): float
    {
        return max(array_map(static fn (Patch $p): float => $p->thirst(), $this->zone(Zone::Field)->patches));
    }

    /** Was the pore brushed open while the wood was bare, or is it bare now? */
    public function opensPores(): bool
    {
        return !\in_array(Zone::Pore, $this->surface->zones(), true)
            || self::MOST <= self::share($this->zone(Zone::Pore), static fn (Patch $p): bool => $p->canBeBrushed());
    }

    /**
     * @param \Closure(Patch): bool $is
     */
    private static function share(ZoneState $state, \Closure $is): float
    {
        return array_sum(array_map(static fn (Patch $p): float => $is($p) ? $p->share : 0.0, $state->patches));
    }
}
