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

/**
 * Lines that run round a face at a distance from its edge.
 *
 * Immutable. Of each line its distance from the edge and its width, mm, from the edge inwards.
 */
final readonly class Border implements Layout
{
    public const MOST = 6;

    /**
     * @param non-empty-list<array{float, float}> $lines
     */
    private function __construct(public array $lines)
    {
    }

    /**
     * @param list<array{float, float}> $lines
     *
     * @throws InvalidLayout if there is none, one cannot be true, or two lie over one another
     */
    public static function of(array $lines): self
    {
        if ([] === $lines || \count($lines) > self::MOST) {
            throw InvalidLayout::outOfRange('The lines of a border', \sprintf('from 1 to %d', self::MOST));
        }
        sort($lines);
        $end = 0.0;
        foreach ($lines as [$in, $width]) {
            if ($in < 0.0 || $width < 0.5 || $in + $width > 5000.0) {
                throw InvalidLayout::outOfRange('A line', 'at least ½ mm wide and up to 5000 mm from the edge');
            }
            if ($in < $end - 1e-9) {
                throw InvalidLayout::linesMeet();
            }
            $end = $in + $width;
        }

        return new self($lines);
    }

    public function kind(): LayoutKind
    {
        return LayoutKind::Border;
    }

    public function inWords(): string
    {
        return 'a border: '.implode(
            ', ',
            array_map(
                static fn (array $l): string => \sprintf(
                    '%s mm wide %s mm from the edge',
                    Millimetres::plain($l[1]),
                    Millimetres::plain($l[0]),
                ),
                $this->lines,
            ),
        );
    }

    public function on(Plane $face): LaidOut
    {
        $blocks = $along = $across = [];
        $tape = $painted = 0.0;
        foreach ($this->lines as [$in, $width]) {
            $needs = 2 * ($in + $width);
            if ($needs > min($face->length, $face->width) + 1e-9) {
                throw InvalidLayout::doesNotFit('The border needs', $needs, min($face->length, $face->width));
            }
            [$l, $w] = [$face->length - 2 * $in, $face->width - 2 * $in];
            // Long sides whole, short sides between them.
            array_push(
                $blocks,
                new Block(x: $in, y: $in, length: $l, width: $width),
                new Block(x: $in, y: $in + $w - $width, length: $l, width: $width),
                new Block(x: $in, y: $in + $width, length: $width, width: $w - 2 * $width),
                new Block(x: $in + $l - $width, y: $in + $width, length: $width, width: $w - 2 * $width),
            );
            array_push($along, $in, $in + $width, $face->length - $in - $width, $face->length - $in);
            array_push($across, $in, $in + $width, $face->width - $in - $width, $face->width - $in);
            $tape += (0.0 === $in ? 0.0 : 2 * ($l + $w)) + 2 * ($l + $w - 4 * $width);
            $painted += $l * $w - ($l - 2 * $width) * ($w - 2 * $width);
        }

        return new LaidOut(
            blocks: array_values(array_filter($blocks, static fn (Block $b): bool => min($b->length, $b->width) > 1e-6)),
            along: self::inside($along, $face->length),
            across: self::inside($across, $face->width),
            tape: $tape / 1000,
            covers: $painted / ($face->length * $face->width),
            says: array_map(
                static fn (array $line): string => \sprintf(
                    'a line of %s mm round %s × %s mm',
                    Millimetres::plain($line[1]),
                    Millimetres::plain($face->length - 2 * $line[0]),
                    Millimetres::plain($face->width - 2 * $line[0]),
                ),
                $this->lines,
            ),
        );
    }

    /**
     * @param list<float> $marks
     *
     * @return list<float> in order, each once, those at the very end left out
     */
    private static function inside(array $marks, float $length): array
    {
        sort($marks);
        $kept = [];
        foreach ($marks as $at) {
            if ($at > 1e-6 && $at < $length - 1e-6 && ([] === $kept || $at - $kept[\count($kept) - 1] > 1e-6)) {
                $kept[] = $at;
            }
        }

        return $kept;
    }
}
