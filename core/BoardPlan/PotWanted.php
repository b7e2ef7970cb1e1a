<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

use Brick\Math\BigRational;
use Inlaid\Core\Batch\PotTaken;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Recipe\DescribeStep;

/**
 * What the patches of a board want of one pot, while it is being added up. @internal to the preview of boards.
 */
final class PotWanted
{
    /** A small tool keeps a quarter of what the usual one of its technique does, typical. */
    private const SMALL_TOOL = 0.25;

    /** @var list<PotTaken> pots on the shelf that hold it already */
    public array $onShelf = [];
    /** @var array<string, true> */
    private array $patches = [];
    /** @var array<int, array{float, float}> ml laid, and kept by the tool, by number of the round */
    private array $rounds = [];

    public function __construct(public readonly int $number, public readonly FlatMix $mix, private readonly PatchAct $first)
    {
    }

    public function add(PatchAct $act, int $round): void
    {
        [$laid, $kept] = $this->rounds[$round] ?? [0.0, 0.0];
        $this->patches[$act->patch->cell->label] = true;
        $this->rounds[$round] = [$laid + $act->taken(), max($kept, self::SMALL_TOOL * $act->work->step->profile->holdUp)];
    }

    /** ml, rounded up to what can be measured. */
    public function need(): BigRational
    {
        return ExactNumber::ceil(array_sum(array_map(array_sum(...), $this->rounds)));
    }

    /** As a painter says it; null where it is one material. */
    public function words(): ?string
    {
        $uses = $this->first->work->step->uses;

        return $uses instanceof Mixture ? DescribeStep::mix($uses) : null;
    }

    /**
     * @return list<string>
     */
    public function patches(): array
    {
        return array_map(strval(...), array_keys($this->patches));
    }

    /**
     * @return list<int>
     */
    public function rounds(): array
    {
        return array_keys($this->rounds);
    }
}
