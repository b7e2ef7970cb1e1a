<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

/**
 * How a material looks by itself.
 *
 * Immutable. `colour` is the full-strength colour (masstone); `hiding` the contrast ratio of one normal coat over black and
 * white, 0 to 0.999; `tint` what one part in nine of white looks like; `onWood` the look of a stain on pale wood.
 */
final readonly class Look
{
    private function __construct(
        public LookKind $kind,
        public ?Colour $colour,
        public ?float $hiding,
        public ?Colour $tint,
        public ?Colour $onWood,
    ) {
    }

    /**
     * @throws MaterialRefusal if hiding is out of range
     */
    public static function of(LookKind $kind, ?Colour $colour = null, ?float $hiding = null, ?Colour $tint = null, ?Colour $onWood = null): self
    {
        if (null !== $hiding && ($hiding < 0.0 || $hiding > 0.999)) {
            throw MaterialRefusal::outOfRange('Hiding', 'between 0 and 0.999');
        }

        return new self($kind, $colour, $hiding, $tint, $onWood);
    }
}
