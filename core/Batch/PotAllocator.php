<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

use Brick\Math\BigRational;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Mixing\FlatMix;

/**
 * The pots on the shelf while steps take from them, one after the other: what one has taken the next does not find. Pots past their day are
 * left alone.
 */
final class PotAllocator
{
    /** @var array<string, BigRational> ml that were taken, by pot */
    private array $taken = [];

    public function __construct(private readonly Context $context)
    {
    }

    /**
     * Takes as much of a mix as there is, and no more than is needed.
     *
     * @param BigRational $need ml
     *
     * @return list<PotTaken>
     */
    public function take(FlatMix $mix, BigRational $need): array
    {
        $found = [];
        foreach ($this->context->pots as $pot) {
            if (!$need->isPositive()) {
                break;
            }
            $holds = null !== $pot->goodUntil && $pot->goodUntil < $this->context->now
                ? null
                : $pot->holds($mix, $this->context->tolerance)?->minus($this->taken[$pot->id] ?? 0);
            if (null === $holds || !$holds->isPositive()) {
                continue;
            }
            $takes = $holds->isLessThan($need) ? $holds : $need;
            $this->taken[$pot->id] = ($this->taken[$pot->id] ?? BigRational::zero())->plus($takes)->simplified();
            $need = $need->minus($takes)->simplified();
            $found[] = new PotTaken($pot, $holds->simplified(), $takes->simplified());
        }

        return $found;
    }
}
