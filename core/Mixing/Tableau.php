<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;

/**
 * The rows of a linear program as they stand after some exchanges of variables.
 *
 * Columns: the variables, a slack for every row, an artificial for every row; the limit last. Rows are turned so that no limit is
 * negative; the artificial of a row begins as its basic variable. @internal belongs to SolveLinear
 */
final class Tableau
{
    /** @var list<array<int, BigRational>> without the zeros */
    private array $rows = [];
    /** @var array<int, int> the basic variable of each row */
    private array $basis = [];
    /** @var list<bool> rows that were turned */
    private array $turned = [];
    /** @var array<int, BigRational> what each column would lose the objective, without the zeros */
    private array $costs = [];
    private readonly int $count;
    private readonly int $limit;
    /** Columns from here on may not come in. */
    private int $closed;

    /**
     * @param list<Row> $rows
     */
    public function __construct(private readonly int $variables, array $rows)
    {
        $this->count = \count($rows);
        $this->limit = $this->closed = $variables + 2 * $this->count;
        foreach ($rows as $i => $row) {
            $turned = $row->limit->isNegative();
            $cells = array_map(static fn (BigRational $f): BigRational => $turned ? $f->negated() : $f, $row->factors);
            if (!$row->isExact) {
                $cells[$variables + $i] = BigRational::of($turned ? -1 : 1);
            }
            $cells[$this->artificial($i)] = BigRational::one();
            $cells[$this->limit] = $row->limit->abs();
            $this->rows[] = self::withoutZeros($cells);
            $this->basis[] = $this->artificial($i);
            $this->turned[] = $turned;
        }
    }

    /**
     * @return array<int, BigRational> an objective that counts the artificials
     */
    public function artificials(int $each): array
    {
        return array_fill($this->artificial(0), $this->count, BigRational::of($each));
    }

    /**
     * Sets the objective, told in what is not basic.
     *
     * @param array<int, BigRational> $objective
     */
    public function price(array $objective): void
    {
        $this->costs = self::withoutZeros(array_map(static fn (BigRational $c): BigRational => $c->negated(), $objective));
        foreach ($this->basis as $i => $basic) {
            $this->costs = self::minus($this->costs, $this->costs[$basic] ?? BigRational::zero(), $this->rows[$i]);
        }
    }

    /**
     * Exchanges variables until nothing improves the objective.
     *
     * @throws \LogicException if it grows without end
     */
    public function improve(): void
    {
        while (null !== $column = $this->entering()) {
            $this->exchange($this->leaving($column) ?? throw new \LogicException('No maximum exists.'), $column);
        }
    }

    /**
     * Takes the artificials out of the basis, once all are zero; a row in which nothing else is left says nothing.
     */
    public function forgetArtificials(): void
    {
        $this->closed = $this->artificial(0);
        foreach ($this->basis as $i => $basic) {
            $others = array_filter(array_keys($this->rows[$i]), fn (int $c): bool => $c < $this->closed);
            if ($basic >= $this->closed && [] !== $others) {
                $this->exchange($i, min($others));
            }
        }
    }

    public function value(): BigRational
    {
        return $this->costs[$this->limit] ?? BigRational::zero();
    }

    /**
     * @return list<BigRational> by variable
     */
    public function solution(): array
    {
        $at = array_fill(0, $this->variables, BigRational::zero());
        foreach ($this->basis as $i => $basic) {
            if ($basic < $this->variables) {
                $at[$basic] = $this->rows[$i][$this->limit] ?? BigRational::zero();
            }
        }

        return array_values($at);
    }

    /**
     * What one more of each row's limit would be worth: it stands under the row's artificial.
     *
     * @return list<BigRational> by row
     */
    public function prices(): array
    {
        return array_map(function (int $i): BigRational {
            $price = $this->costs[$this->artificial($i)] ?? BigRational::zero();

            return $this->turned[$i] ? $price->negated() : $price;
        }, array_keys($this->rows));
    }

    private function artificial(int $row): int
    {
        return $this->variables + $this->count + $row;
    }

    /** The first column that improves the objective. */
    private function entering(): ?int
    {
        $columns = array_filter(array_keys($this->costs), fn (int $c): bool => $c < $this->closed && $this->costs[$c]->isNegative());

        return [] === $columns ? null : min($columns);
    }

    /** The row that allows the column least; of several, the one whose basic variable comes first. */
    private function leaving(int $column): ?int
    {
        $best = $ratio = null;
        foreach ($this->rows as $i => $row) {
            if (!isset($row[$column]) || !$row[$column]->isPositive()) {
                continue;
            }
            $allows = ($row[$this->limit] ?? BigRational::zero())->dividedBy($row[$column]);
            $less = null === $ratio ? -1 : $allows->compareTo($ratio);
            if ($less < 0 || 0 === $less && null !== $best && $this->basis[$i] < $this->basis[$best]) {
                [$best, $ratio] = [$i, $allows];
            }
        }

        return $best;
    }

    private function exchange(int $row, int $column): void
    {
        $by = $this->rows[$row][$column];
        $pivot = array_map(static fn (BigRational $v): BigRational => $v->dividedBy($by)->simplified(), $this->rows[$row]);
        foreach ($this->rows as $i => $cells) {
            $this->rows[$i] = $i === $row ? $pivot : self::minus($cells, $cells[$column] ?? BigRational::zero(), $pivot);
        }
        $this->costs = self::minus($this->costs, $this->costs[$column] ?? BigRational::zero(), $pivot);
        $this->basis[$row] = $column;
    }

    /**
     * @param array<int, BigRational> $cells
     * @param array<int, BigRational> $pivot
     *
     * @return array<int, BigRational>
     */
    private static function minus(array $cells, BigRational $times, array $pivot): array
    {
        if ($times->isZero()) {
            return $cells;
        }
        foreach ($pivot as $column => $value) {
            $cells[$column] = ($cells[$column] ?? BigRational::zero())->minus($times->multipliedBy($value))->simplified();
        }

        return self::withoutZeros($cells);
    }

    /**
     * @param array<int, BigRational> $cells
     *
     * @return array<int, BigRational>
     */
    private static function withoutZeros(array $cells): array
    {
        return array_filter($cells, static fn (BigRational $v): bool => !$v->isZero());
    }
}
