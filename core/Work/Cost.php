<?php

declare(strict_types=1);

namespace Inlaid\Core\Work;

/**
 * What material and hands cost together.
 *
 * Immutable. Money in the studio's currency: `material` for what is used up of it, null where a price is unknown; `labour` for
 * `minutes` of hands-on work, null where no rate is kept, and then it is not in `whole`.
 */
final readonly class Cost
{
    private function __construct(public ?float $material, public int $minutes, public ?float $labour, public ?float $whole)
    {
    }

    /**
     * @param float|null $rate money for an hour of work
     */
    public static function of(?float $material, int $minutes, ?float $rate): self
    {
        $labour = null === $rate ? null : round($minutes / 60 * $rate, 2);
        $used = null === $material ? null : round($material, 2);

        return new self(
            material: $used,
            minutes: $minutes,
            labour: $labour,
            whole: null === $used ? null : round($used + ($labour ?? 0.0), 2),
        );
    }
}
