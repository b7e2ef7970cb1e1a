<?php

declare(strict_types=1);

namespace Inlaid\Core\Layout\Kind;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Layout\Block;
use Inlaid\Core\Layout\Cut;
use Inlaid\Core\Layout\InvalidLayout;
use Inlaid\Core\Layout\LaidOut;
use Inlaid\Core\Layout\Layout;
use Inlaid\Core\Layout\LayoutKind;
use Inlaid\Core\Layout\Millimetres;
use Inlaid\Core\Layout\Plane;
use Inlaid\Core\Layout\Seams;

/**
 * Sheets of paper or leaf side by side, lapping over one another by a little.
 *
 * Immutable. `length` and `width` of a sheet, `lap` by which two lie over one another, mm; the length of the sheets runs along the length
 * of the face or across it. `repeat` mm after which a printed pattern comes again along the length of the sheet, null where there is none:
 * every sheet then
 * begins with the pattern, so that it meets its neighbour. `open` the share of it through which the ground shows. `thickness` in µm;
 * `colour` what is seen of it from afar, null where that is not known.
 */
final readonly class Sheets implements Layout
{
    private function __construct(
        public float $length,
        public float $width,
        public float $lap,
        public ?float $repeat,
        public bool $alongLength,
        public Seams $seams,
        public float $thickness,
        public ?Colour $colour,
        public float $open,
    ) {
    }

    /**
     * @throws InvalidLayout if a size cannot be true
     */
    public static function of(
        float $length,
        float $width,
        float $lap,
        ?float $repeat,
        bool $alongLength,
        Seams $seams,
        float $thickness = 100.0,
        ?Colour $colour = null,
        float $open = 0.0,
    ): self {
        return match (true) {
            min($length, $width) < 20.0
                || max($length, $width) > 20_000.0 => throw InvalidLayout::outOfRange('A sheet', 'between 20 and 20000 mm long and wide'),
            $lap < 0.0 || 2 * $lap > min($length, $width) => throw InvalidLayout::outOfRange('An overlap', 'at most half a sheet'),
            null !== $repeat
                && ($repeat < 1.0 || $repeat > $length) => throw InvalidLayout::outOfRange(
                    'A pattern repeat',
                    'between 1 mm and the length of a sheet',
                ),
            $open < 0.0 || $open > 0.98 => throw InvalidLayout::outOfRange('The open share of a sheet', 'between 0 and 98 %'),
            $thickness < 0.0 || $thickness > 2000.0 => throw InvalidLayout::outOfRange('The thickness of a sheet', 'at most 2000 µm'),
            default => new self(
                length: $length,
                width: $width,
                lap: $lap,
                repeat: $repeat,
                alongLength: $alongLength,
                seams: $seams,
                thickness: $thickness,
                colour: $colour,
                open: $open,
            ),
        };
    }

    public function kind(): LayoutKind
    {
        return LayoutKind::Sheets;
    }

    public function inWords(): string
    {
        return \sprintf(
            'sheets %s × %s mm, overlap %s mm, %s, %s%s',
            Millimetres::plain($this->length),
            Millimetres::plain($this->width),
            Millimetres::plain($this->lap),
            $this->alongLength ? 'along the length' : 'across',
            $this->seams->inWords(),
            null === $this->repeat ? '' : \sprintf(', repeat %s mm', Millimetres::plain($this->repeat)),
        );
    }

    public function on(Plane $face): LaidOut
    {
        return $this->alongLength ? $this->along($face) : $this->along($face->turned())->turned();
    }

    private function along(Plane $face): LaidOut
    {
        // With a pattern a sheet serves only whole repeats before the next one begins.
        $serves = null === $this->repeat ? $this->length : $this->repeat * floor(($this->length - $this->lap) / $this->repeat) + $this->lap;
        if ($serves - $this->lap < 1.0) {
            throw InvalidLayout::outOfRange('Pattern repeat plus overlap', 'within the length of a sheet');
        }
        $columns = $this->seams->over(length: $face->length, sheet: $serves, lap: $this->lap, inStep: null !== $this->repeat);
        $rows = $this->seams->over(length: $face->width, sheet: $this->width, lap: $this->lap, inStep: false);
        $blocks = $cuts = [];
        foreach ($rows as [$top, $bottom]) {
            foreach ($columns as [$left, $right]) {
                $blocks[] = new Block(
                    x: $left,
                    y: $top,
                    length: $right - $left,
                    width: $bottom - $top,
                    whole: $right - $left > $this->length - 1e-6 && $bottom - $top > $this->width - 1e-6,
                );
                $cuts[] = new Cut(
                    null === $this->repeat
                        ? $right - $left
                        : min($this->length, $this->repeat * ceil(($right - $left - 1e-6) / $this->repeat)),
                    $bottom - $top,
                );
            }
        }

        $covers = 1 - $this->open;

        return new LaidOut(blocks: $blocks, along: self::begins($columns), across: self::begins($rows), tape: 0.0, covers: $covers, says: [
            \sprintf('%d × %d %s', \count($columns), \count($rows), 1 === \count($blocks) ? 'sheet' : 'sheets'),
            ...(1 === \count($blocks) ? [] : [\sprintf(
                'the narrowest %s × %s mm',
                Millimetres::plain(min(array_map(static fn (Block $b): float => $b->length, $blocks))),
                Millimetres::plain(min(array_map(static fn (Block $b): float => $b->width, $blocks))),
            )]),
        ], cuts: $cuts);
    }

    /**
     * @param non-empty-list<array{float, float}> $spans
     *
     * @return list<float> where all but the first begin
     */
    private static function begins(array $spans): array
    {
        return array_map(static fn (array $s): float => $s[0], \array_slice($spans, 1));
    }
}
