<?php

declare(strict_types=1);

namespace Inlaid\Core\Stock;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Inlaid\Core\Measure\ExactNumber;

/**
 * So many grams of a material from one place to another.
 *
 * Immutable. Amounts lie on a fixed grid, a millionth of a gram: no scale shows as little, sums of them are exact, and they stay short
 * however often a pot
 * is divided. Exact fractions would grow with every booking.
 */
final readonly class Move
{
    /** Decimals of a gram. */
    public const GRID = 6;
    /** g. More is a slip of the finger: a thousand tonnes. */
    private const MOST = 1_000_000_000;

    private function __construct(public string $materialId, public BigRational $grams, public Account $from, public Account $to)
    {
    }

    /**
     * @throws InvalidStock if it is nothing or less, or more than anybody has
     */
    public static function of(string $materialId, BigRational $grams, Account $from, Account $to): self
    {
        $onGrid = self::onGrid($grams);

        return match (true) {
            !$onGrid->isPositive() => throw InvalidStock::nothing(),
            $onGrid->isGreaterThan(self::MOST) => throw InvalidStock::tooMuch(),
            default => new self(materialId: $materialId, grams: $onGrid, from: $from, to: $to),
        };
    }

    /**
     * @return array{material: string, grams: string, from: string, to: string} as a line of the ledger has it
     */
    public function written(): array
    {
        return [
            'material' => $this->materialId,
            'grams' => ExactNumber::exact($this->grams),
            'from' => $this->from->key,
            'to' => $this->to->key,
        ];
    }

    /** g, as near as the grid has it. */
    public static function onGrid(BigRational $grams): BigRational
    {
        return $grams->toScale(self::GRID, RoundingMode::HALF_UP)->toBigRational()->simplified();
    }
}
