<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * What a work is done with.
 *
 * Immutable. `setUp` minutes of hands to mix it, or to go on with it after another; `slake` minutes that it rests once it is mixed; `life`
 * minutes from mixing, with slaking, after which it is mixed anew, null where it keeps.
 */
final readonly class Pot
{
    public function __construct(public string $id, public int $setUp, public int $slake = 0, public ?int $life = null)
    {
    }
}
