<?php

declare(strict_types=1);

namespace Inlaid\Core\Work;

use Brick\Math\BigRational;
use Inlaid\Core\Drying\Forecast;
use Inlaid\Core\Film\CoatFilm;
use Inlaid\Core\Film\CoatNeed;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Film\GritLadder;
use Inlaid\Core\Film\Sections;
use Inlaid\Core\Film\ShareIntoSections;
use Inlaid\Core\Material\Hazard;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Material\Residue;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\MixCharacter;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\TechniqueProfile;

/**
 * What has been worked out about one step, before it is put into words and pictures.
 *
 * Immutable. `number` its place among all, `counted` as a painter counts, for whom the colours of a blend are one step; `area` m² that
 * it is meant for, `whole` those of all the faces it touches, `turnedArea` those that are laid in a second lay, once the parts have
 * been turned; `hands` the work of one coat, `together` minutes on the surface of all that is worked into one another while it is wet,
 * `handsOn` minutes of it alone and what somebody stands by while it dwells; `onlyIfNot` the step that this one stands in for if that
 * is not enough even after its last round. @internal to the preview
 */
final readonly class StepCalculation
{
    /** A dwell that is worth turning to something else, minutes. */
    private const WORTH_LEAVING = 10;
    /** As long as a stripper works once, minutes; typical. */
    private const WORKS_FOR = 30;

    public int $handsOn;
    /** @var non-empty-list<BigRational> ml poured for none, one, two … of the coats */
    private array $poured;

    /**
     * @param list<CoatNeed> $allNeeds coat by coat to the last round there may be; empty where nothing is poured
     */
    public function __construct(
        public Step $step,
        public int $number,
        public int $counted,
        public float $area,
        public float $whole,
        public float $turnedArea,
        public Hands $hands,
        public float $together,
        public ?FlatMix $mix,
        public ?MixCharacter $character,
        public FilmWeight $weight,
        public ?CoatFilm $film,
        private array $allNeeds,
        public ?Forecast $drying,
        public ?Step $onlyIfNot = null,
        public ?Masking $masking = null,
        public ?LayoutPreview $layout = null,
    ) {
        $poured = [$sum = BigRational::zero()];
        foreach ($allNeeds as $need) {
            $poured[] = $sum = $sum->plus($need->poured)->simplified();
        }
        $this->poured = $poured;
        $this->handsOn = $hands->minutes + $this->standsBy();
    }

    /** Minutes that it is left to work on its own while hands are free; 0 where it isn't, or so briefly that one stands by. */
    public function leftAlone(): int
    {
        return $this->dwell() - $this->standsBy();
    }

    /** Minutes that somebody stands by while it dwells: it is short, or the next section is worked meanwhile. */
    private function standsBy(): int
    {
        $dwell = $this->dwell();

        return $dwell < self::WORTH_LEAVING || ($this->sections()->count ?? 1) > 1 ? $dwell : 0;
    }

    private function dwell(): int
    {
        return $this->step->isFurtherColour() ? 0 : $this->step->detail->dwell ?? 0;
    }

    /** How often the work is done: coats, passes or rounds; not at all by a step of last resort, unless all goes slowly. */
    public function rounds(Scenario $course = Scenario::Expected): int
    {
        return null !== $this->onlyIfNot && Scenario::Most !== $course ? 0 : $this->step->rounds($course);
    }

    /** Is it done at all, if all goes as expected? */
    public function isDone(): bool
    {
        return $this->rounds() > 0;
    }

    /** The share of the faces it touches that it gets to: as it is laid out, or as is usual of its technique, where it is meant for. */
    public function cover(): float
    {
        return ($this->layout->covers ?? $this->step->cover()) * ($this->whole > 0.0 ? min(1.0, $this->area / $this->whole) : 1.0);
    }

    /** Does it get to most of what it touches? */
    public function covers(): bool
    {
        return $this->cover() >= TechniqueProfile::COVERS;
    }

    /** Does it do any of these, by its technique or by what it uses: sprayed bleach is still bleach. */
    public function can(Ability ...$any): bool
    {
        return $this->step->profile->can(...$any)
            || \in_array(Ability::Bleaches, $any, true) && $this->uses(MaterialKind::Bleach)
            || \in_array(Ability::EvensAbsorption, $any, true) && $this->uses(MaterialKind::Conditioner)
            || \in_array(Ability::LaysResist, $any, true) && $this->uses(MaterialKind::Resist);
    }

    /**
     * Is any material of which this holds in what it uses?
     *
     * @param \Closure(Material): bool $holds
     */
    public function contains(\Closure $holds): bool
    {
        foreach ($this->mix->leaves ?? [] as $leaf) {
            if ($holds($leaf->material)) {
                return true;
            }
        }

        return false;
    }

    /** Is there more in what it uses than thinner, which dries away? */
    public function leavesResidue(): bool
    {
        return $this->contains(static fn (Material $m): bool => MaterialKind::Thinner !== $m->kind);
    }

    /** What the label of what it washes, strips or bleaches with asks for, where that is more than rinsing with water. */
    public function asksFor(): ?Residue
    {
        foreach ($this->can(Ability::Cleans, Ability::Strips, Ability::Bleaches) ? $this->mix->leaves ?? [] : [] as $leaf) {
            if (null !== $leaf->material->residue && Residue::Water !== $leaf->material->residue) {
                return $leaf->material->residue;
            }
        }

        return null;
    }

    /** Does it colour the wood itself, and not stand on it? */
    public function dyes(): bool
    {
        return $this->contains(static fn (Material $m): bool => MaterialKind::Stain === $m->kind && LookKind::Stain === $m->look->kind);
    }

    private function uses(MaterialKind $kind): bool
    {
        return $this->contains(static fn (Material $m): bool => $kind === $m->kind);
    }

    /** Does it lay a film over most of what it touches? */
    public function lays(): bool
    {
        return Effect::Adds === $this->step->profile->effect
            && null !== $this->film
            && $this->covers()
            && !$this->can(Ability::Bleaches, Ability::EvensAbsorption);
    }

    /**
     * Minutes of a coat that are spent on the other side of parts that were turned, 0 where none are: two lays, with the first
     * side touch-dry between them.
     */
    public function otherSide(): int
    {
        return $this->turnedArea > 0 && $this->handsOn > 1
            ? (int) min($this->handsOn - 1, max(1, ceil($this->handsOn * $this->turnedArea / $this->area - 1e-9)))
            : 0;
    }

    /** In what sections it is laid where it is worked wet; null where it is not, or nobody knows how long it stays so. */
    public function sections(): ?Sections
    {
        $open = $this->drying?->openTime?->planned;
        if (null === $open || $this->area <= 0.0 || !$this->step->profile->wet) {
            return null;
        }

        return (new ShareIntoSections())->share(
            area: $this->area,
            lay: ShareIntoSections::LAYING * $this->together,
            work: (1 - ShareIntoSections::LAYING) * $this->together,
            dwell: $this->dwell(),
            open: $open,
        );
    }

    /** Does it leave a film that closes the ground, and not just colour in it? */
    public function seals(): bool
    {
        return $this->lays() && ($this->film->dry ?? 0.0) * $this->step->coats >= 2.0;
    }

    /** Is anything with this hazard in what it uses? */
    public function has(Hazard $hazard): bool
    {
        return $this->contains(static fn (Material $m): bool => \in_array($hazard, $m->hazards, true));
    }

    /** Is it open how often it will be done? */
    public function isOpen(): bool
    {
        return $this->rounds(Scenario::Least) !== $this->rounds(Scenario::Most);
    }

    /** Hands-on minutes of all of them, and of masking before the first. */
    public function minutes(Scenario $course = Scenario::Expected): int
    {
        $rounds = $this->rounds($course);

        return $rounds * $this->handsOn + (0 === $rounds ? 0 : $this->masking->minutes ?? 0);
    }

    /** Minutes to wait after a coat at least, or null where the air allows no promise. */
    public function leastWait(WaitUntil $until): ?int
    {
        if (WaitUntil::Minutes === $until) {
            return $this->step->wait->minutes;
        }
        if (null === $this->drying || WaitUntil::Nothing === $until) {
            return 0;
        }

        $span = match ($until) {
            WaitUntil::Touch => $this->drying->touch,
            WaitUntil::Through => $this->drying->through,
            WaitUntil::Cure => $this->drying->cure,
            default => $this->drying->recoat,
        };

        return $span->planned;
    }

    /**
     * @return list<CoatNeed> coat by coat; empty where nothing is poured
     */
    public function needs(Scenario $course = Scenario::Expected): array
    {
        return \array_slice($this->allNeeds, 0, $this->rounds($course));
    }

    /** ml that are poured for all of them. */
    public function poured(Scenario $course = Scenario::Expected): BigRational
    {
        return $this->poured[\count($this->needs($course))];
    }

    /**
     * What it takes off, µm: as stated for the rounds expected, or what its technique, paper and tool do in so many. Coarser paper takes
     * more, in proportion to its particles. A stripper that is left longer than it usually works gets deeper with the root of the time, as
     * what soaks into a film does.
     */
    public function removes(Scenario $course = Scenario::Expected): float
    {
        [$figures, $detail] = [$this->step->profile, $this->step->detail];
        $paper = null === $figures->atGrit || null === $detail->grit
            ? 1.0
            : GritLadder::particle($detail->grit) / GritLadder::particle($figures->atGrit);
        $each = null === $detail->depth
            ? $figures->removes * $paper * ($this->step->tool()?->bite() ?? 1.0)
            : $detail->depth / $this->step->coats;

        $taken = $this->can(Ability::WearsDry, Ability::WearsWet) && null === $detail->depth ? $detail->hand->factor() : 1.0;
        $soaked = $this->can(Ability::Strips) && null === $detail->depth ? sqrt(max(1.0, $this->dwell() / self::WORKS_FOR)) : 1.0;

        return $soaked * $taken * $each * $this->rounds($course);
    }

    /**
     * What it costs; and what one more coat on top of it would, which takes as much as its last.
     *
     * @param float|null $rate money for an hour of work
     */
    public function cost(?float $rate, Scenario $course = Scenario::Expected): Cost
    {
        return $this->costOf($this->needs($course), $this->minutes($course), $rate);
    }

    public function costOfAnother(?float $rate): Cost
    {
        return $this->costOf(\array_slice($this->allNeeds, -1), $this->handsOn, $rate);
    }

    /**
     * @param list<CoatNeed> $needs
     */
    private function costOf(array $needs, int $minutes, ?float $rate): Cost
    {
        $price = null === $this->mix ? 0.0 : $this->mix->pricePerMl;

        return Cost::of(
            null === $price ? null : $price * array_sum(array_map(static fn (CoatNeed $n): float => $n->poured->toFloat(), $needs)),
            $minutes,
            $rate,
        );
    }
}
