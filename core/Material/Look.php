<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

use Inlaid\Core\Colour\Colour;

/**
 * How a material looks by itself.
 *
 * Immutable. `colour` is the full-strength colour (masstone); `hiding` the contrast ratio of one normal coat over black and
 * white, 0 to 0.999; `tint` what one part in nine of white looks like; `onWood` the look of a stain on pale wood; `learned` what
 * the painter's own patches say instead, null where they were not asked.
 */
final readonly class Look
{
    private function __construct(
        public LookKind $kind,
        public ?Colour $colour,
        public ?float $hiding,
        public ?Colour $tint,
        public ?Colour $onWood,
        public ?Learned $learned,
    ) {
    }

    /**
     * @throws InvalidMaterial if hiding is out of range
     */
    public static function of(
        LookKind $kind,
        ?Colour $colour = null,
        ?float $hiding = null,
        ?Colour $tint = null,
        ?Colour $onWood = null,
        ?Learned $learned = null,
    ): self {
        if (null !== $hiding && ($hiding < 0.0 || $hiding > 0.999)) {
            throw InvalidMaterial::outOfRange('Hiding', 'between 0 and 0.999');
        }

        return new self(kind: $kind, colour: $colour, hiding: $hiding, tint: $tint, onWood: $onWood, learned: $learned);
    }

    /** The same, with what patches say of it. */
    public function learning(?Learned $learned): self
    {
        return new self(
            kind: $this->kind,
            colour: $this->colour,
            hiding: $this->hiding,
            tint: $this->tint,
            onWood: $this->onWood,
            learned: $learned,
        );
    }

    /** The colour that can be learned of: at full strength, or of a stain on pale wood; null where there is none. */
    public function stated(): ?Colour
    {
        return match ($this->kind) {
            LookKind::Opaque, LookKind::Translucent => $this->colour,
            LookKind::Stain => $this->onWood,
            default => null,
        };
    }

    /** That colour as it is to be reckoned with. */
    public function believed(): ?Colour
    {
        return true === $this->learned?->use ? $this->learned->colour : $this->stated();
    }

    /** How much more it colours and hides than stated, as a factor. */
    public function power(): float
    {
        return true === $this->learned?->use ? $this->learned->power : 1.0;
    }
}
