<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Surface\Division;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Zone;

/**
 * How a zone looks: the mean of its light, the contrast within it, and its patches with their shares and colours.
 *
 * Immutable. `contrast` in ΔE, mean from the mean; `change` from the step before, null where nothing is seen of it; `divided` says how
 * patches came of those before, null where they are the same; `spread` and `way` along what they are told apart; `isBeyondScreen` whether
 * a screen shows any of it less vivid than it is; `glances` the colour seen from aside where flakes lie, of which no ΔE is promised.
 */
final readonly class ZoneLook
{
    /**
     * @param list<string>        $colours of the patches
     * @param list<float>         $shares  of the patches, summing to 1
     * @param list<Division>|null $divided
     */
    public function __construct(
        public Zone $zone,
        public string $colour,
        public string $called,
        public float $contrast,
        public ?LookChange $change,
        public array $colours,
        public array $shares,
        public ?array $divided,
        public ?Spread $spread,
        public ?string $way,
        public float $rehomed,
        public bool $isBeyondScreen,
        public ?string $glances,
    ) {
    }
}
