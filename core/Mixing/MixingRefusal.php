<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Inlaid\Core\Refusal;

/**
 * A mix that cannot be made.
 */
final class MixingRefusal extends Refusal
{
    public static function nothingInIt(string $mix): self
    {
        return new self(\sprintf('The mix "%s" has nothing in it.', $mix));
    }

    public static function negativePart(string $part): self
    {
        return new self(\sprintf('A part cannot be negative (%s).', $part));
    }

    public static function notInTheMix(string $material): self
    {
        return new self(\sprintf('There is no %s in this mix.', $material));
    }

    public static function badVessel(string $why): self
    {
        return new self($why);
    }

    public static function noBatchWanted(): self
    {
        return new self('Say how much is wanted: more than nothing.');
    }
}
