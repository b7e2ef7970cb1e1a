<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\FilmOptics;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Light;
use Inlaid\Core\Film\GritLadder;
use Inlaid\Core\Optics\ColourantKind;

/**
 * Part of a zone where the same films lie.
 *
 * Nothing of it changes; what is seen of it is worked out once. `share` of the zone; `height` how far it stands proud (over 0) or lies low
 * (under 0), −1 to 1; `films` from the wood up; `base` what lies beneath them, and `old` how many µm of an old finish of it. `pores` how
 * much the pores hold of what is wiped over them, against those of open-grained wood as it grew. `at` where it lies along the ways that
 * several steps share (from the top, from the rim, from the most worn): from and to, of 0 to 1. `worn` how many µm of wood were taken off.
 */
final class Patch
{
    /** Pores as grown hold 1; brushed ones are deeper and wider. */
    private const BRUSHED = 1.6;
    private const CLOSE_BRUSHED = 0.2;
    /** µm of dry film that leave a third of a pore open. */
    private const FILLS_PORES = 25.0;

    private ?Light $light = null;
    private ?Lab $lab = null;
    private ?string $hex = null;

    /**
     * @param list<LaidFilm>                     $films
     * @param array<string, array{float, float}> $at
     * @param non-empty-list<Ground>             $under what lies under each of the films, and what they all make, as if nothing had
     *                                                  scratched it: when some are taken off it is known what comes to light
     * @param float                              $clear what the pores hold when nothing fills them
     */
    private function __construct(
        public readonly float $share,
        public readonly array $at,
        public readonly float $height,
        public readonly array $films,
        public readonly Ground $base,
        public readonly float $old,
        public readonly Ground $bare,
        public readonly Ground $ground,
        private readonly array $under,
        public readonly float $pores,
        private readonly float $clear,
        private readonly bool $brushed,
        private readonly Origin $origin,
        private readonly ?int $grit,
        private readonly bool $even,
        public readonly float $worn = 0.0,
    ) {
    }

    /**
     * @param Ground $bare  what comes to light when the old finish is gone
     * @param float  $pores how much its pores hold
     */
    public static function whole(Origin $origin, Ground $base, float $old, Ground $bare, float $pores = 0.0): self
    {
        return new self(
            share: 1.0,
            at: [],
            height: 0.0,
            films: [],
            base: $base,
            old: $old,
            bare: $bare,
            ground: $base,
            under: [$base],
            pores: $pores,
            clear: $pores,
            brushed: false,
            origin: $origin,
            grit: null,
            even: false,
        );
    }

    /**
     * The same, but for what is named.
     *
     * @param array<string, array{float, float}>|null $at
     * @param list<LaidFilm>|null                     $films
     * @param non-empty-list<Ground>|null             $under
     */
    private function but(
        ?float $share = null,
        ?array $at = null,
        ?float $height = null,
        ?array $films = null,
        ?Ground $base = null,
        ?float $old = null,
        ?Ground $bare = null,
        ?Ground $ground = null,
        ?array $under = null,
        ?float $pores = null,
        ?float $clear = null,
        ?bool $brushed = null,
        ?int $grit = null,
        ?bool $even = null,
        ?float $worn = null,
    ): self {
        return new self(
            share: $share ?? $this->share,
            at: $at ?? $this->at,
            height: $height ?? $this->height,
            films: $films ?? $this->films,
            base: $base ?? $this->base,
            old: $old ?? $this->old,
            bare: $bare ?? $this->bare,
            ground: $ground ?? $this->ground,
            under: $under ?? $this->under,
            pores: $pores ?? $this->pores,
            clear: $clear ?? $this->clear,
            brushed: $brushed ?? $this->brushed,
            origin: $this->origin,
            grit: $grit ?? $this->grit,
            even: $even ?? $this->even,
            worn: $worn ?? $this->worn,
        );
    }

    /** Only a share of it. */
    public function part(float $share): self
    {
        return $this->but(share: $this->share * $share);
    }

    /** µm of all films on the wood, and of an old finish. */
    public function depthOfFilms(): float
    {
        return $this->old + array_sum(array_map(static fn (LaidFilm $f): float => $f->depthOfFilm(), $this->films));
    }

    /** Made larger by another that joins it. */
    public function joinedBy(self $other): self
    {
        return $this->but(share: $this->share + $other->share, worn: max($this->worn, $other->worn));
    }

    public function lying(string $way, float $from, float $to): self
    {
        return $this->but(at: [$way => [$from, $to]] + $this->at);
    }

    public function standing(float $height): self
    {
        return $this->but(height: $height);
    }

    public function with(LaidFilm $film): self
    {
        $film = $this->ground->isWood() ? $film->onWood($this->films) : $film;

        $under = $this->under;
        $ground = $film->over($this->ground);
        $before = $under[\count($under) - 1];
        $under[] = $before === $this->ground || $film->hasOwnSurface() ? $ground : $film->over($before);

        return $this->but(
            films: [...$this->films, $film],
            ground: $ground,
            under: $under,
            pores: $this->pores <= 0.0 ? null : $this->pores * exp(-$film->depthOfFilm() / self::FILLS_PORES),
        );
    }

    /** The wood made more even in what it takes up, where nothing closes it. */
    public function conditioned(): self
    {
        return $this->isOpenWood() ? $this->rebuilt($this->base->conditioned(), $this->films)->but(even: true) : $this;
    }

    /**
     * Bleached, where nothing closes the wood.
     *
     * @param float $wood what is left of the wood's own colour, as a factor on K ÷ S
     * @param float $dyes the share that is left of dyes in it
     */
    public function bleached(float $wood, float $dyes): self
    {
        return $this->isOpenWood()
            ? $this->rebuilt(
                $this->base->times($wood),
                array_map(static fn (LaidFilm $f): LaidFilm => ColourantKind::Dye === $f->of->kind ? $f->leaving($dyes) : $f, $this->films),
            )
            : $this;
    }

    /**
     * With its pores opened by a brush: of bare wood. Through a film it only clears pores that were open before.
     */
    public function brushed(): self
    {
        if ($this->pores <= 0.0 || !$this->canBeBrushed()) {
            return $this;
        }

        $clear = match (true) {
            $this->brushed => $this->clear, $this->clear < 0.5 => self::CLOSE_BRUSHED, default => self::BRUSHED,
        };

        return $this->but(pores: $clear, clear: $clear, brushed: true);
    }

    /** Does a brush still get into its pores: of bare wood, or of pores that were open before? */
    public function canBeBrushed(): bool
    {
        return $this->brushed || $this->isOpenWood();
    }

    /** With the scratches of a paper. */
    public function sanded(int $grit): self
    {
        return $this->but(grit: $grit);
    }

    /** What the first film on it takes, against one on a sealed ground. */
    public function drinks(): float
    {
        return match (true) {
            [] !== $this->films => 1.0,
            $this->old <= 0.0 => $this->origin->drinks($this->grit),
            default => $this->origin->absorption ?? 1.0,
        };
    }

    /** How much more of what goes into the wood it takes up than is usual, after its last paper. */
    public function takesUp(): float
    {
        return $this->isOpenWood() ? $this->thirst() * GritLadder::uptake($this->grit ?? Origin::LAST_GRIT) : 1.0;
    }

    /** How thirsty it is against what is usual of its kind: 1 where it was made even, or is closed. */
    public function thirst(): float
    {
        return $this->even || !$this->isOpenWood() ? 1.0 : $this->origin->thirst();
    }

    /** Is it wood that nothing closes, dyed or not? */
    public function isOpenWood(): bool
    {
        return $this->old <= 0.0 && $this->ground->isWood();
    }

    /**
     * As it would look if the film of one step or another were not on it, all others as they are: the maps of the films above are one map,
     * multiplied from above down, so that each answer takes one film.
     *
     * @return array<string, self|null> by step; null of a film on open wood, without which those above would go into the wood
     */
    public function withoutEach(): array
    {
        $without = [];
        $above = []; // maps, and factors by which a clear film deepens what is below it, from below
        $closed = false;
        for ($i = \count($this->films) - 1; $i >= 0; --$i) {
            [$film, $below] = [$this->films[$i], $this->under[$i]];
            if ($below->isWood()) {
                $without[$film->stepId] = null;
                continue;
            }
            $ground = $below;
            foreach ($above as $map) {
                $ground = \is_float($map) ? $ground->times($map) : $ground->under($map->over($ground->inside), null, false);
            }
            $without[$film->stepId] = $this->but(ground: $closed ? $ground->under($ground->inside, $this->ground->sheen, true) : $ground);
            [$deepens, $own] = $film->makesOf($below);
            if (null !== $own) {
                $above = ($above[0] ?? null) instanceof FilmOptics
                    ? [$own->under($above[0]), ...\array_slice($above, 1)]
                    : [$own, ...$above];
            }
            $above = 1.0 === $deepens ? $above : [$deepens, ...$above];
            $closed = $closed || $film->closes();
        }

        return $without;
    }

    /** Does a film of a step lie on it? */
    public function has(string $stepId): bool
    {
        return null !== $this->filmOf($stepId);
    }

    public function filmOf(string $stepId): ?LaidFilm
    {
        foreach ($this->films as $film) {
            if ($film->stepId === $stepId) {
                return $film;
            }
        }

        return null;
    }

    /**
     * The step whose film hides that of another for good: after it nobody sees whether that lies there.
     *
     * @param float $least ΔE that is seen
     */
    public function hiddenBy(string $stepId, float $least): ?string
    {
        $by = $with = $without = null;
        foreach ($this->films as $i => $film) {
            if ($film->stepId === $stepId) {
                [$with, $without] = [$this->under[$i + 1], $this->under[$i]];
            } elseif (null !== $with && null !== $without) {
                [$with, $without] = [$film->over($with), $film->over($without)];
                $seen = DeltaE2000::between(Lab::ofLight($with->light()), Lab::ofLight($without->light())) >= $least;
                $by = $seen ? null : $by ?? $film->stepId;
            }
        }

        return $by;
    }

    /**
     * What is left on it of the films of some steps, in coats.
     *
     * @param array<string, float> $coats as laid, by step
     */
    public function left(array $coats): float
    {
        return array_sum(array_map(static fn (LaidFilm $f): float => $f->share * ($coats[$f->stepId] ?? 0.0), $this->films));
    }

    /**
     * The same films on another ground.
     *
     * @param list<LaidFilm> $films
     */
    private function rebuilt(Ground $base, array $films): self
    {
        $under = [$base];
        foreach ($films as $film) {
            $under[] = $film->over($under[\count($under) - 1]);
        }

        return $this->but(films: $films, base: $base, bare: $base, ground: $under[\count($under) - 1], under: $under);
    }

    /**
     * With so many µm taken off from above: films, then what an old finish there is, and what is left of the cut off the wood.
     *
     * @param float $cut µm that also wood would lose
     */
    public function without(float $depth, float $cut = 0.0): self
    {
        if ($depth <= 0.0) {
            return $this;
        }
        $films = $this->films;
        $whole = \count($films);
        while ($whole > 0 && $depth > 0.0) {
            $top = $films[$whole - 1];
            if ($top->depth() > $depth) {
                return $this->cutTo($whole - 1, $top->leaving(1 - $depth / $top->depth()), $this->old)->dulled();
            }
            $depth -= $top->depth();
            $cut -= $top->depth();
            --$whole;
        }
        $bare = $this->cutTo($whole, null, 0 === $whole ? max(0.0, $this->old - $depth) : $this->old)->dulled();

        return 0 === $whole && $cut > $this->old ? $bare->but(worn: $this->worn + $cut - $this->old) : $bare;
    }

    /** With all gone that lies on a resist, and it too. */
    public function released(): self
    {
        $resist = $this->resist();

        return null === $resist ? $this : $this->cutTo($resist, null, $this->old);
    }

    /** Which of the films is the lowest resist. */
    public function resist(): ?int
    {
        foreach ($this->films as $i => $film) {
            if (ColourantKind::Resist === $film->of->kind) {
                return $i;
            }
        }

        return null;
    }

    public function lab(): Lab
    {
        return $this->lab ??= Lab::ofLight($this->light());
    }

    /** Its colour as a picture shows it. */
    public function hex(): string
    {
        return $this->hex ??= $this->light()->colour()->hex;
    }

    /** Will whatever is done to it look the same as on another, which was made otherwise? */
    public function endsAs(self $other): bool
    {
        return abs($this->share - $other->share) < 1e-9
            && $this->height === $other->height
            && $this->at === $other->at
            && $this->ground->isAs($other->ground);
    }

    /** What is seen of it, after so many years. */
    public function light(float $years = 0.0): Light
    {
        if (0.0 === $years) {
            return $this->light ??= $this->ground->light();
        }
        $ground = $this->base;
        foreach ($this->films as $film) {
            $ground = $film->over($ground, $years);
        }

        return $ground->light();
    }

    /**
     * @param int           $whole films that stay whole, from below
     * @param LaidFilm|null $rest  what stays of the next
     * @param float         $old   µm that stay of an old finish
     */
    private function cutTo(int $whole, ?LaidFilm $rest, float $old): self
    {
        $films = \array_slice($this->films, 0, $whole);
        $base = $old > 0.0 ? $this->base : $this->bare;
        $under = 0 === $whole ? [$base] : \array_slice($this->under, 0, $whole + 1);
        if (null !== $rest) {
            $films[] = $rest;
            $under[] = $rest->over($under[$whole]);
        }
        \assert([] !== $under);

        return $this->but(films: $films, base: $base, old: $old, ground: $under[\count($under) - 1], under: $under);
    }

    /** With its uppermost film otherwise. */
    public function topped(LaidFilm $film): self
    {
        return $this->cutTo(max(0, \count($this->films) - 1), $film, $this->old);
    }

    private function dulled(): self
    {
        return $this->but(ground: $this->ground->dulled());
    }
}
