<?php

declare(strict_types=1);

namespace Inlaid\Core\Layout\Kind;

use Inlaid\Core\Layout\Block;
use Inlaid\Core\Layout\InvalidLayout;
use Inlaid\Core\Layout\LaidOut;
use Inlaid\Core\Layout\Layout;
use Inlaid\Core\Layout\LayoutKind;
use Inlaid\Core\Layout\Millimetres;
use Inlaid\Core\Layout\Plane;
use Inlaid\Core\Layout\Share;
use Inlaid\Core\Layout\SharedOut;

/**
 * A stencil that is repeated: in one row or more, or all over.
 *
 * Immutable. `length` and `width` of its cut-out field and the gaps between two, mm; `rows` null all over, else so many, in the middle of
 * the width; `open` the share of that field through which paint goes.
 */
final readonly class Motifs implements Layout
{
    private function __construct(
        public float $length,
        public float $width,
        public float $gap,
        public ?int $rows,
        public float $open,
        public Share $share,
    ) {
    }

    /**
     * @throws InvalidLayout if a size cannot be true
     */
    public static function of(float $length, float $width, float $gap, ?int $rows, float $open, Share $share): self
    {
        return match (true) {
            min($length, $width) < 2.0
                || max($length, $width) > 5000.0 => throw InvalidLayout::outOfRange('A stencil', 'between 2 and 5000 mm long and wide'),
            $gap < 0.0 || $gap > 5000.0 => throw InvalidLayout::outOfRange('A gap', 'between 0 and 5000 mm'),
            null !== $rows && ($rows < 1 || $rows > 200) => throw InvalidLayout::outOfRange('Rows', 'between 1 and 200'),
            $open <= 0.0 || $open > 1.0 => throw InvalidLayout::outOfRange('Open area of a stencil', 'above 0 % and up to 100 %'),
            default => new self(length: $length, width: $width, gap: $gap, rows: $rows, open: $open, share: $share),
        };
    }

    public function kind(): LayoutKind
    {
        return LayoutKind::Motifs;
    }

    public function inWords(): string
    {
        return \sprintf(
            'stencil %s × %s mm, %s mm apart, %s, %s',
            Millimetres::plain($this->length),
            Millimetres::plain($this->width),
            Millimetres::plain($this->gap),
            null === $this->rows ? 'all over' : (1 === $this->rows ? 'in one row' : "in $this->rows rows"),
            $this->share->inWords(),
        );
    }

    public function on(Plane $face): LaidOut
    {
        $columns = $this->share->out($face->length, $this->length, $this->gap);
        $rows = null === $this->rows ? $this->share->out($face->width, $this->width, $this->gap) : $this->rowsIn($face->width, $this->rows);
        $blocks = [];
        foreach ($rows->spans as $r => [$top, $bottom]) {
            foreach ($columns->spans as $c => [$left, $right]) {
                $blocks[] = new Block(
                    x: $left,
                    y: $top,
                    length: $right - $left,
                    width: $bottom - $top,
                    whole: $rows->isWhole($r) && $columns->isWhole($c),
                );
            }
        }
        $whole = \count(array_filter($blocks, static fn (Block $b): bool => $b->whole));
        $cut = \count($blocks) - $whole;

        return new LaidOut(
            blocks: $blocks,
            along: $columns->middles(),
            across: $rows->middles(),
            tape: 0.0,
            covers: $this->open * array_sum(array_map(static fn (Block $b): float => $b->area(), $blocks)) / ($face->length * $face->width),
            says: [
                \sprintf(
                    '%d × %d, %s mm apart along the length%s',
                    \count($columns->spans),
                    \count($rows->spans),
                    Millimetres::plain($columns->gap),
                    \count($rows->spans) < 2 ? '' : \sprintf(' and %s mm across', Millimetres::plain($rows->gap)),
                ),
                0 === $cut ? "$whole whole" : "$whole whole, $cut cut at the ends",
            ],
        );
    }

    private function rowsIn(float $width, int $rows): SharedOut
    {
        $needs = $rows * $this->width + ($rows - 1) * $this->gap;
        if ($needs > $width + 1e-9) {
            throw InvalidLayout::doesNotFit(1 === $rows ? 'The row needs' : "$rows rows need", $needs, $width);
        }
        $from = ($width - $needs) / 2;

        return new SharedOut(
            array_map(
                fn (int $i): array => [$from + $i * ($this->width + $this->gap), $from + $i * ($this->width + $this->gap) + $this->width],
                range(0, $rows - 1),
            ),
            $this->gap,
            $this->width,
        );
    }
}
