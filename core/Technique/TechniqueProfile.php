<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

use Inlaid\Core\Layout\LayoutKind;

/**
 * What a technique means in numbers; typical values that a step may override where it says so.
 *
 * Immutable. `rate` in m²/min of hands-on work, 0 where nobody works; `laid` the wet film against a normal brushed coat; `left` the share
 * of that film that stays on the flat after wiping, where the ground is as porous as `wipedOn` (0 closed, 0.9 bare wood; null where nothing
 * is wiped back); `cover` the share of the surface that gets any; `loss` the share of what is taken that ends on the bench, on rags and in
 * the air (spraying: 1 − transfer); `holdUp` the ml a tool keeps; `removes` the typical µm one pass by hand takes away, with paper of
 * `atGrit` where abrasive does it; `tools` what it can be done with, the usual one first; `wet` whether it must be worked before it sets;
 * `laidOut` what of it can be shared out on a face by measure; `reach` how it gets to other parts; `wears` what it uses up besides;
 * `within` where it usually is meant for, all over where empty; `byBrush` whether the way the brush is drawn changes how long it takes;
 * `each` the minutes each part takes that is only handled; `dusty` whether its dust settles on what is wet beside it.
 */
final readonly class TechniqueProfile
{
    /** A coat on so much of a surface, or more, counts as one over most of it. */
    public const COVERS = 0.45;

    /**
     * @param list<Tool>       $tools
     * @param list<LayoutKind> $laidOut
     * @param list<Ability>    $can
     * @param list<Within>     $within
     */
    private function __construct(
        public Effect $effect,
        public bool $takesMaterial,
        public float $rate = 0.0,
        public float $laid = 0.0,
        public float $left = 0.0,
        public float $cover = 0.0,
        public float $loss = 0.0,
        public float $holdUp = 0.0,
        public float $removes = 0.0,
        public bool $byBrush = false,
        public array $tools = [],
        public ?int $atGrit = null,
        public Overspray $reach = Overspray::Nowhere,
        public ?WearsOut $wears = null,
        public array $laidOut = [],
        public bool $wet = false,
        public bool $dusty = false,
        private array $can = [],
        public ?float $wipedOn = null,
        public array $within = [],
        public float $each = 0.0,
    ) {
    }

    /**
     * @param list<Tool>       $tools
     * @param list<LayoutKind> $laidOut
     * @param list<Ability>    $can
     * @param list<Within>     $within
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
        array $can = [],
        ?float $wipedOn = null,
        array $within = [],
    ): self {
        return new self(
            Effect::Adds,
            takesMaterial: true,
            rate: $rate,
            laid: $laid,
            left: $left,
            cover: $cover,
            loss: $loss,
            holdUp: $holdUp,
            byBrush: $byBrush,
            tools: $tools,
            reach: $reach,
            wears: $wears,
            laidOut: $laidOut,
            wet: $wet,
            can: $can,
            wipedOn: $wipedOn,
            within: $within,
        );
    }

    /**
     * @param list<Tool>    $tools
     * @param list<Ability> $can
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
        array $can = [],
    ): self {
        return new self(
            Effect::TakesAway,
            $takesMaterial,
            rate: $rate,
            laid: 1.0,
            cover: $cover,
            loss: 0.05,
            holdUp: 8.0,
            removes: $removes,
            tools: $tools,
            atGrit: $atGrit,
            reach: $reach,
            wears: $wears,
            dusty: $dusty,
            can: $can,
        );
    }

    /**
     * @param list<Tool>    $tools
     * @param list<Ability> $can
     */
    public static function altering(
        float $rate,
        bool $takesMaterial,
        array $tools = [],
        Overspray $reach = Overspray::Nowhere,
        ?WearsOut $wears = null,
        array $can = [],
    ): self {
        return new self(
            Effect::Alters,
            $takesMaterial,
            rate: $rate,
            laid: 1.0,
            cover: 1.0,
            loss: 0.1,
            holdUp: 8.0,
            tools: $tools,
            reach: $reach,
            wears: $wears,
            can: $can,
        );
    }

    /** Can it do any of these? */
    public function can(Ability ...$any): bool
    {
        foreach ($any as $ability) {
            if (\in_array($ability, $this->can, true)) {
                return true;
            }
        }

        return false;
    }

    /** The same where it covers another share of the surface. */
    public function covering(float $share): self
    {
        return $this->but(cover: $share, rate: $this->rate, laid: $this->laid, loss: $this->loss, holdUp: $this->holdUp);
    }

    /**
     * The same with another tool than the usual one.
     */
    public function with(?Tool $tool): self
    {
        $usual = $this->tools[0] ?? null;
        if (null === $tool || null === $usual || $tool === $usual) {
            return $this;
        }
        [$own, $of] = [$tool->figures(), $usual->figures()];

        return $this->but(
            cover: $this->cover,
            rate: $this->rate * $own->pace / $of->pace,
            laid: $this->laid * $own->laid / $of->laid,
            loss: max(0.0, 1 - (1 - $this->loss) * (1 - $own->loss) / (1 - $of->loss)),
            holdUp: $this->holdUp * $own->holdUp / max(1.0, $of->holdUp),
        );
    }

    private function but(float $cover, float $rate, float $laid, float $loss, float $holdUp): self
    {
        return new self(
            $this->effect,
            $this->takesMaterial,
            rate: $rate,
            laid: $laid,
            left: $this->left,
            cover: $cover,
            loss: $loss,
            holdUp: $holdUp,
            removes: $this->removes,
            byBrush: $this->byBrush,
            tools: $this->tools,
            atGrit: $this->atGrit,
            reach: $this->reach,
            wears: $this->wears,
            laidOut: $this->laidOut,
            wet: $this->wet,
            dusty: $this->dusty,
            can: $this->can,
            wipedOn: $this->wipedOn,
            within: $this->within,
            each: $this->each,
        );
    }

    /**
     * Something dry is laid, which brings its own thickness.
     *
     * @param list<Tool>       $tools
     * @param list<LayoutKind> $laidOut
     */
    public static function applying(float $rate, float $cover, array $tools, array $laidOut): self
    {
        return new self(
            Effect::Adds,
            takesMaterial: false,
            rate: $rate,
            left: 1.0,
            cover: $cover,
            tools: $tools,
            laidOut: $laidOut,
            can: [Ability::SticksDry],
        );
    }

    /**
     * The parts are handled, and the finish left as it is.
     *
     * @param float         $each  minutes for each part, or for each piece where no part is named
     * @param list<Tool>    $tools
     * @param list<Ability> $can
     */
    public static function handling(float $each, array $tools = [], bool $dusty = false, array $can = []): self
    {
        return new self(Effect::Handles, takesMaterial: false, tools: $tools, dusty: $dusty, can: $can, each: $each);
    }

    public static function waiting(): self
    {
        return new self(Effect::Waits, takesMaterial: false);
    }
}
