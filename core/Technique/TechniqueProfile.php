<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

use Inlaid\Core\Layout\LayoutKind;

/**
 * What a technique means in numbers; typical values that a step may override where it says so.
 *
 * Immutable. `rate` in m²/min of hands-on work, 0 where nobody works; `laid` the wet film against a normal brushed coat; `left` the share
 * of
 * that film that stays after wiping; `cover` the share of the surface that gets any; `loss` the share of what is taken
 * that ends on the bench, on rags and in the air (spraying: 1 − transfer); `holdUp` the ml a tool keeps; `removes` the
 * typical µm one pass by hand takes away, with paper of `atGrit` where abrasive does it; `tools` what it can be done with, the usual
 * one first; `wet` whether it must be worked before it sets; `laidOut` what of it can be shared out on a face by measure; `reach` how it
 * gets to other parts; `wears` what it uses up besides; `byBrush` whether the way the brush is drawn changes how long it takes; `dusty`
 * whether its dust settles on what is wet beside it.
 */
final readonly class TechniqueProfile
{
    /** A coat on so much of a surface, or more, counts as one over most of it. */
    public const COVERS = 0.45;

    /**
     * @param list<Tool>       $tools
     * @param list<LayoutKind> $laidOut
     */
    private function __construct(
        public Effect $act,
        public bool $takesMaterial,
        public float $rate,
        public float $laid,
        public float $left,
        public float $cover,
        public float $loss,
        public float $holdUp,
        public float $removes,
        public bool $byBrush,
        public array $tools,
        public ?int $atGrit,
        public Overspray $reach,
        public ?WearsOut $wears,
        public array $laidOut,
        public bool $wet,
        public bool $dusty = false,
    ) {
    }

    /**
     * @param list<Tool>       $tools
     * @param list<LayoutKind> $laidOut
     */
    public static function laying(
        float $rate,
        float $laid = 1.0,
        float $left = 1.0,
        float $cover = 1.0,
        float $loss = 0.05,
        float $holdUp = 8.0,
        bool $byBrush = false,
        array $tools = [],
        Overspray $reach = Overspray::Drips,
        ?WearsOut $wears = null,
        array $laidOut = [],
        bool $wet = false,
    ): self {
        return new self(
            Effect::Adds,
            true,
            $rate,
            $laid,
            $left,
            $cover,
            $loss,
            $holdUp,
            0.0,
            $byBrush,
            $tools,
            null,
            $reach,
            $wears,
            $laidOut,
            $wet,
        );
    }

    /**
     * @param list<Tool> $tools
     */
    public static function takingAway(
        float $rate,
        float $removes,
        float $cover = 1.0,
        bool $takesMaterial = false,
        array $tools = [],
        ?int $atGrit = null,
        Overspray $reach = Overspray::Nowhere,
        ?WearsOut $wears = null,
        bool $dusty = false,
    ): self {
        return new self(
            Effect::TakesAway,
            $takesMaterial,
            $rate,
            1.0,
            0.0,
            $cover,
            0.05,
            8.0,
            $removes,
            false,
            $tools,
            $atGrit,
            $reach,
            $wears,
            [],
            false,
            $dusty,
        );
    }

    /**
     * @param list<Tool> $tools
     */
    public static function altering(
        float $rate,
        bool $takesMaterial,
        array $tools = [],
        Overspray $reach = Overspray::Nowhere,
        ?WearsOut $wears = null,
    ): self {
        return new self(
            Effect::Alters,
            $takesMaterial,
            $rate,
            1.0,
            0.0,
            1.0,
            0.1,
            8.0,
            0.0,
            false,
            $tools,
            null,
            $reach,
            $wears,
            [],
            false,
        );
    }

    /** The same where it covers another share of the surface. */
    public function covering(float $share): self
    {
        return new self(
            $this->act,
            $this->takesMaterial,
            $this->rate,
            $this->laid,
            $this->left,
            $share,
            $this->loss,
            $this->holdUp,
            $this->removes,
            $this->byBrush,
            $this->tools,
            $this->atGrit,
            $this->reach,
            $this->wears,
            $this->laidOut,
            $this->wet,
            $this->dusty,
        );
    }

    public static function waiting(): self
    {
        return new self(Effect::Waits, false, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, false, [], null, Overspray::Nowhere, null, [], false);
    }
}
