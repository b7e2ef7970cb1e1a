<?php

declare(strict_types=1);

namespace Inlaid\Core\Context;

use Brick\Math\BigRational;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Drying\Place;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\MeasureAtHand;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Mixing\Vessel;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Practice\PersonalFactors;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Practice\WorkingDefaults;
use Inlaid\Core\Recipe\Recipe;

/**
 * Everything outside a recipe that its working-out depends on. Nothing else does: same recipe, same context, same answer.
 *
 * Immutable. `now` in seconds since 1970 in UTC; `drop` in ml; `tolerance` the largest ratio error of a measured batch; `rate` money
 * for an hour of work, null where work is not counted; `helper` when a helper's hands are there, null where there is none; `own` the
 * painter's own figures that are reckoned with; `flame` whether there is an open flame or a glowing heater in the room; `day` the air hour
 * by hour, null where it is the same at all.
 */
final readonly class Context
{
    /**
     * @param list<MeasureAtHand>     $measures
     * @param list<Vessel>            $vessels
     * @param array<string, string>   $schools  the studio's answers by question
     * @param array<string, Quantity> $stock    what is left on the shelf, by material
     * @param list<PotAtHand>         $pots     what is in pots
     * @param array<string, Place>    $places   where pieces stand besides, by id
     */
    public function __construct(
        public int $now,
        public WorkingTime $working,
        public Climate $climate,
        public UnitSystem $units,
        public array $measures,
        public array $vessels,
        public BigRational $drop,
        public BigRational $tolerance,
        public array $schools = [],
        public ?float $rate = null,
        public bool $flame = false,
        public array $stock = [],
        public array $pots = [],
        public array $places = [],
        public ?WorkingTime $helper = null,
        public PersonalFactors $own = new PersonalFactors(),
        private ?DayCurve $day = null,
    ) {
    }

    /** The air where the piece stands, hour by hour. */
    public function day(): DayCurve
    {
        return $this->day ?? DayCurve::steady($this->climate);
    }

    /**
     * When there are hands: the painter's first, then a helper's.
     *
     * @return non-empty-list<WorkingTime>
     */
    public function hands(): array
    {
        return null === $this->helper ? [$this->working] : [$this->working, $this->helper];
    }

    /** How this painter works where a step of the recipe does not say. */
    public function habits(Practices $practices, Recipe $recipe): WorkingDefaults
    {
        return $practices->habits($this->schools, $recipe->schools)->withOwn($this->own);
    }

    /** The air where a piece stands: of the place named, else what is usual. */
    public function air(?string $place): DayCurve
    {
        return ($this->places[$place ?? ''] ?? null)->air ?? DayCurve::steady($this->climate);
    }

    /**
     * The same for a piece that stands in a place: with the air of that place, by day and hour by hour.
     *
     * @param DayCurve|null $measured the day of the place as it was measured; null for its usual one
     */
    public function atPlace(?string $place, ?DayCurve $measured = null): self
    {
        $day = $measured ?? $this->air($place);

        return $this->with(climate: $day->noon(), day: $day);
    }

    /** g of a material that are left on the shelf; null where nobody counts it. */
    public function left(Material $material): ?BigRational
    {
        return isset($this->stock[$material->id]) ? $material->body->inGrams($this->stock[$material->id]) : null;
    }

    /**
     * The same with other air, everywhere.
     *
     * @param \Closure(Climate): Climate $do
     */
    public function inAir(\Closure $do): self
    {
        $places = array_map(
            static fn (Place $p): Place => new Place(id: $p->id, name: $p->name, air: $p->air->with($do), holds: $p->holds),
            $this->places,
        );

        return $this->with(climate: $do($this->climate), places: $places, day: $this->day?->with($do));
    }

    /** The same with other measures at hand. */
    public function measuring(MeasuredBy $by): self
    {
        return $this->with(measures: $by->measures($this));
    }

    /**
     * The same with something else left on the shelf.
     *
     * @param array<string, Quantity> $stock by material
     */
    public function withStock(array $stock): self
    {
        return $this->with(stock: $stock);
    }

    /**
     * The same with other pots.
     *
     * @param list<PotAtHand> $pots
     */
    public function withPots(array $pots): self
    {
        return $this->with(pots: $pots);
    }

    /** The same with the painter's own figures. */
    public function withOwn(PersonalFactors $own): self
    {
        return $this->with(own: $own);
    }

    /**
     * @param list<MeasureAtHand>|null     $measures
     * @param array<string, Quantity>|null $stock
     * @param list<PotAtHand>|null         $pots
     * @param array<string, Place>|null    $places
     */
    private function with(
        ?Climate $climate = null,
        ?array $measures = null,
        ?array $stock = null,
        ?array $pots = null,
        ?array $places = null,
        ?PersonalFactors $own = null,
        ?DayCurve $day = null,
    ): self {
        return new self(
            now: $this->now,
            working: $this->working,
            climate: $climate ?? $this->climate,
            units: $this->units,
            measures: $measures ?? $this->measures,
            vessels: $this->vessels,
            drop: $this->drop,
            tolerance: $this->tolerance,
            schools: $this->schools,
            rate: $this->rate,
            flame: $this->flame,
            stock: $stock ?? $this->stock,
            pots: $pots ?? $this->pots,
            places: $places ?? $this->places,
            helper: $this->helper,
            own: $own ?? $this->own,
            day: $day ?? $this->day,
        );
    }
}
