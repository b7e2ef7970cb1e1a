<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Light;
use Inlaid\Core\Technique\Spread;

/**
 * A zone after a step: its patches, and how they came of those before.
 *
 * Nothing of it changes; mean and contrast are worked out once. `divided` is null where every patch stayed what it was; `way` names what
 * they were told apart along, the same for steps that share it; `rehomed` the share that joined another patch because there were too many.
 * The colour of a zone is the mean of its light; its contrast the mean ΔE of its patches from that.
 */
final class ZoneState
{
    /** The share of a zone from which a patch is seen. */
    public const SEEN = 0.03;

    private ?Light $mean = null;
    private ?Lab $lab = null;
    private ?float $contrast = null;

    /**
     * @param non-empty-list<Patch> $patches shares sum to 1
     * @param list<Division>|null   $divided
     */
    public function __construct(
        public readonly array $patches,
        public readonly ?array $divided = null,
        public readonly ?Spread $spread = null,
        public readonly ?string $way = null,
        public readonly float $rehomed = 0.0,
    ) {
    }

    /** The first of them where several are as large. */
    public function largest(): Patch
    {
        $largest = $this->patches[0];
        foreach ($this->patches as $patch) {
            $largest = $patch->share > $largest->share + 1e-9 ? $patch : $largest;
        }

        return $largest;
    }

    public function mean(float $years = 0.0): Light
    {
        return 0.0 === $years ? $this->mean ??= $this->meanAfter(0.0) : $this->meanAfter($years);
    }

    private function meanAfter(float $years): Light
    {
        $red = $green = $blue = 0.0;
        foreach ($this->patches as $patch) {
            $light = $patch->light($years);
            $red += $patch->share * $light->red;
            $green += $patch->share * $light->green;
            $blue += $patch->share * $light->blue;
        }

        return new Light($red, $green, $blue);
    }

    /** The step of a resist that lies anywhere in it. */
    public function resist(): ?string
    {
        foreach ($this->patches as $patch) {
            $resist = $patch->resist();
            if (null !== $resist) {
                return $patch->films[$resist]->stepId;
            }
        }

        return null;
    }

    /** Of the mean. */
    public function lab(): Lab
    {
        return $this->lab ??= Lab::ofLight($this->mean());
    }

    /**
     * The films of a step, one of each patch that has one.
     *
     * @return list<LaidFilm>
     */
    public function films(string $stepId): array
    {
        return array_values(array_filter(array_map(static fn (Patch $p): ?LaidFilm => $p->filmOf($stepId), $this->patches)));
    }

    public function contrast(): float
    {
        return $this->contrast ??= 1 === \count($this->patches) ? 0.0 : $this->spreadOut();
    }

    private function spreadOut(): float
    {
        $sum = 0.0;
        foreach ($this->patches as $patch) {
            $sum += $patch->share * DeltaE2000::between($patch->lab(), $this->lab());
        }

        return $sum;
    }

    /** Left as it is by a step. */
    public function kept(): self
    {
        if (null === $this->divided) {
            return $this;
        }
        $kept = new self($this->patches);
        [$kept->mean, $kept->contrast] = [$this->mean, $this->contrast];

        return $kept;
    }

    /**
     * Will whatever is done to it look the same as on another, even after so much was taken off from above?
     *
     * @param float $depth µm
     */
    public function endsAs(self $other, float $depth): bool
    {
        if (\count($this->patches) !== \count($other->patches)) {
            return false;
        }
        foreach ($this->patches as $i => $patch) {
            if (
                !$patch->endsAs($other->patches[$i])
                || ($depth > 0.0 && !$patch->without($depth)->endsAs($other->patches[$i]->without($depth)))
            ) {
                return false;
            }
        }

        return true;
    }

    /** ΔE of that of its patches, of those that are seen at all, whose nearest in another state of the zone is farthest. */
    public function unlike(self $other): float
    {
        $most = 0.0;
        foreach ($this->patches as $i => $patch) {
            if ($patch->share >= self::SEEN && ($other->patches[$i] ?? null) !== $patch) {
                $lab = $patch->lab();
                $nearest = null;
                $least = \INF;
                foreach ($other->patches as $of) {
                    $far = ($of->lab()->l - $lab->l) ** 2 + ($of->lab()->a - $lab->a) ** 2 + ($of->lab()->b - $lab->b) ** 2;
                    [$nearest, $least] = $far < $least ? [$of, $far] : [$nearest, $least];
                }
                $most = max($most, null === $nearest ? 0.0 : DeltaE2000::between($lab, $nearest->lab()));
            }
        }

        return $most;
    }

    /** How different it looks from another state of the zone: in its mean or in its contrast, whichever is more. ΔE. */
    public function apart(self $other): float
    {
        return max(DeltaE2000::between($this->lab(), $other->lab()), abs($this->contrast() - $other->contrast()));
    }
}
