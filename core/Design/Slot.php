<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Technique\Hand;

/**
 * A step of a whole recipe in which something may be varied, and between what. Of every list the first is as it is now.
 *
 * Immutable. `materials` one of which it takes, or several as a mix where `mixes`; none where it keeps what it has. `extenders` with what
 * each of them is thinned, made a glaze or softened, null with nothing; `ratios` parts of that to one.
 */
final readonly class Slot
{
    /**
     * @param list<Material|Mixture>      $materials
     * @param list<Material|null>         $extenders
     * @param non-empty-list<BigRational> $ratios
     * @param non-empty-list<int>         $coats
     * @param non-empty-list<Hand|null>   $hands
     * @param non-empty-list<int|null>    $dwells    minutes
     */
    public function __construct(
        public Step $step,
        public array $materials,
        private array $extenders,
        private bool $extenderFirst,
        public array $ratios,
        public array $coats,
        public array $hands,
        public array $dwells,
        public bool $mixes,
    ) {
    }

    /**
     * Of a step of a finish: with whatever of the shelf has its role.
     *
     * @param list<Material>                $shelf
     * @param \Closure(Material): ?Material $extender what extends a material
     * @param Sheen|null                    $sheen    wished of a clear coat
     */
    public static function of(FamilyStep $family, Step $step, array $shelf, \Closure $extender, ?Sheen $sheen = null): self
    {
        $fits = array_values(array_filter($shelf, static fn (Material $m): bool => true === $family->role?->isPlayedBy($m)));
        if (\in_array($family->role, [Role::ClearCoat, Role::OutdoorCoat], true)) {
            $fits = array_values(array_filter($fits, static fn (Material $m): bool => $sheen === $m->sheen)) ?: $fits;
        }
        usort($fits, static fn (Material $a, Material $b): int => $a->id <=> $b->id);

        return new self(
            step: $step,
            materials: $fits,
            extenders: array_map($extender, $fits),
            extenderFirst: $family->extended->comesFirst(),
            ratios: [] === $family->ratios ? [BigRational::zero()] : $family->ratios,
            coats: $family->coats,
            hands: [] === $family->hands ? [null] : $family->hands,
            dwells: $family->dwells,
            mixes: \in_array($family->role, [Role::Paint, Role::MilkPaint, Role::Dye, Role::OilStain], true),
        );
    }

    /** The same with one material more, the last. */
    public function with(Material $more): self
    {
        return new self(
            step: $this->step,
            materials: [...$this->materials, $more],
            extenders: [...$this->extenders, $this->extenders[0] ?? null],
            extenderFirst: $this->extenderFirst,
            ratios: $this->ratios,
            coats: $this->coats,
            hands: $this->hands,
            dwells: $this->dwells,
            mixes: $this->mixes,
        );
    }

    /** Can anything be varied, or is it not as it is to be? */
    public function isOpen(): bool
    {
        $only = 1 === \count($this->materials) ? $this->materials[0] : null;
        $is = $this->step->uses;

        return $only instanceof Material && $is instanceof Material && $only->id !== $is->id
            || 1 < max(array_map(count(...), [$this->materials, $this->ratios, $this->coats, $this->hands, $this->dwells]));
    }

    /** The first material as it is usual. */
    public function usual(): Choice
    {
        return new Choice([] === $this->materials ? [] : [0 => 1]);
    }

    /**
     * All that can be chosen with a single material.
     *
     * @return list<Choice>
     */
    public function singles(): array
    {
        $all = [];
        foreach ([] === $this->materials ? [[]] : array_map(
            static fn (int $m): array => [$m => 1],
            array_keys($this->materials),
        ) as $parts) {
            foreach (array_keys($this->ratios) as $ratio) {
                foreach (array_keys($this->coats) as $coats) {
                    foreach (array_keys($this->hands) as $hand) {
                        foreach (array_keys($this->dwells) as $dwell) {
                            $all[] = new Choice(parts: $parts, ratio: $ratio, coats: $coats, hand: $hand, dwell: $dwell);
                        }
                    }
                }
            }
        }

        return $this->allowed($all);
    }

    /**
     * @param list<Choice> $choices
     *
     * @return list<Choice>
     */
    public function allowed(array $choices): array
    {
        return array_values(array_filter($choices, $this->allows(...)));
    }

    /** Is there what extends its materials, and as far as their labels allow? */
    private function allows(Choice $choice): bool
    {
        $ratio = $this->ratios[$choice->ratio];
        foreach ($ratio->isZero() ? [] : array_keys($choice->parts) as $i) {
            $most = $this->materials[$i] instanceof Material ? $this->materials[$i]->body->largestThinning : null;
            if (null === $this->extenders[$i] || !$this->extenderFirst && null !== $most && $ratio->toFloat() > $most) {
                return false;
            }
        }

        return true;
    }

    /** Null where it is left out. */
    public function step(Choice $choice, Material|Mixture|null $uses): ?Step
    {
        if (0 === $this->coats[$choice->coats]) {
            return null;
        }

        return Step::of(
            id: $this->step->id,
            title: $this->step->title,
            technique: $this->step->technique,
            intent: $this->step->intent,
            parts: $this->step->parts,
            uses: $uses,
            coats: $this->coats[$choice->coats],
            detail: $this->step->detail->done($this->hands[$choice->hand], $this->dwells[$choice->dwell]),
            wait: $this->step->wait,
            note: $this->step->note,
        );
    }

    public function uses(Choice $choice): Material|Mixture|null
    {
        $of = array_map(fn (int $i): Material|Mixture => $this->materials[$i], array_keys($choice->parts));
        if ([] === $of) {
            return $this->step->uses;
        }
        $base = 1 === \count($of) ? $of[0] : Mixture::of(
            $this->step->title,
            Basis::ByVolume,
            array_map(static fn (int $n, Material|Mixture $m): Part => Part::of(BigRational::of($n), $m), $choice->parts, $of),
        );
        $ratio = $this->ratios[$choice->ratio];
        $with = $this->extenders[array_keys($choice->parts)[0]];
        if ($ratio->isZero() || null === $with) {
            return $base;
        }
        $parts = [Part::of(BigRational::one(), $base), Part::of($ratio, $with)];

        return Mixture::of($this->step->title, Basis::ByVolume, $this->extenderFirst ? array_reverse($parts) : $parts);
    }

    public function setting(Choice $choice): Setting
    {
        $parts = [];
        foreach ($choice->parts as $i => $n) {
            $of = $this->materials[$i];
            \assert($of instanceof Material);
            $parts[$of->id] = $n;
        }

        return new Setting(
            parts: $parts,
            ratio: $this->ratios[$choice->ratio],
            coats: $this->coats[$choice->coats],
            hand: $this->hands[$choice->hand],
            dwell: $this->dwells[$choice->dwell],
        );
    }
}
