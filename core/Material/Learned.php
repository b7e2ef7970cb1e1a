<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

use Inlaid\Core\Colour\Colour;

/**
 * What a painter's own patches say of how a material looks. What the label states stays beside it.
 *
 * Immutable. `colour` at full strength, or of a stain on pale wood; `power` how much more it colours and hides than stated, as a factor;
 * `patches` how many it was learned from; `use` whether it is reckoned with.
 */
final readonly class Learned
{
    public const LEAST_POWER = 0.25;
    public const MOST_POWER = 4.0;

    private function __construct(public Colour $colour, public float $power, public int $patches, public bool $use)
    {
    }

    /**
     * @throws InvalidMaterial if the power cannot be, or it was learned from nothing
     */
    public static function of(Colour $colour, float $power, int $patches, bool $use = true): self
    {
        if ($power < self::LEAST_POWER || $power > self::MOST_POWER) {
            throw InvalidMaterial::outOfRange('The strength', 'from a quarter to four times');
        }

        return $patches < 1
            ? throw InvalidMaterial::outOfRange('The number of patches', 'at least 1')
            : new self(colour: $colour, power: $power, patches: $patches, use: $use);
    }
}
