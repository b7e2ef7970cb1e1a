<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Zone;

/**
 * What comes nearest to a wish of one scheme.
 *
 * Immutable. `cost` how far it is, with a little for each coat and paint, ΔE.
 */
final readonly class Found
{
    /**
     * @param array<int, Choice>       $choices by slot
     * @param array<string, ZoneState> $ends    by zone
     */
    public function __construct(public Scheme $scheme, public array $choices, public array $ends, public float $cost)
    {
    }

    /** The same for finishes that are one finish to the eye: even, of as many colours of the same kind. */
    public function kind(): string
    {
        $contrast = ($this->ends[Zone::Field->value] ?? null)?->contrast() ?? 0.0;
        $colours = \count(array_filter($this->scheme->slots, static fn (Slot $s): bool => $s->mixes));

        return Lively::Even === Lively::of($contrast) && 1 === $colours ? 'even' : $this->scheme->key;
    }

    /**
     * @return array<string, Setting> by step
     */
    public function settings(): array
    {
        $settings = [];
        foreach ($this->choices as $at => $choice) {
            $slot = $this->scheme->slots[$at];
            $settings[$slot->step->id] = $slot->setting($choice);
        }

        return $settings;
    }
}
