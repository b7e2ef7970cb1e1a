<?php

declare(strict_types=1);

namespace Inlaid\Core\Film;

/**
 * In how many sections a coat is laid and worked, so that each is still wet when it is worked.
 *
 * Immutable. `count` and `area` (m² at most) of sections for one pair of hands, null where none is small enough; `withHelper` how many
 * where a helper works right behind; `mistEvery` minutes after which what was laid is misted where it must be done in one.
 */
final readonly class Sections
{
    public function __construct(public ?int $count, public ?float $area, public ?int $withHelper, public ?int $mistEvery)
    {
    }
}
