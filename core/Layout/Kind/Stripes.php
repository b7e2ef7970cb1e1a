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

/**
 * Stripes of one width, along the length of a face or across it.
 *
 * Immutable. `width` of a stripe and `gap` between two, mm. Tape lies along every edge of a stripe that is not the edge of the face.
 */
final readonly class Stripes implements Layout
{
    private function __construct(public float $width, public float $gap, public bool $alongLength, public Share $share)
    {
    }

    /**
     * @throws InvalidLayout if a width cannot be true
     */
    public static function of(float $width, float $gap, bool $alongLength, Share $share): self
    {
        return $width >= 1.0 && $gap >= 1.0 && max($width, $gap) <= 5000.0
            ? new self(width: $width, gap: $gap, alongLength: $alongLength, share: $share)
            : throw InvalidLayout::outOfRange('A stripe or gap', 'between 1 and 5000 mm wide');
    }

    public function kind(): LayoutKind
    {
        return LayoutKind::Stripes;
    }

    public function inWords(): string
    {
        return \sprintf(
            'stripes of %s mm %s mm apart %s, %s',
            Millimetres::plain($this->width),
            Millimetres::plain($this->gap),
            $this->alongLength ? 'along the length' : 'across',
            $this->share->inWords(),
        );
    }

    public function on(Plane $face): LaidOut
    {
        return $this->alongLength ? $this->across($face->turned())->turned() : $this->across($face);
    }

    /** They run across and are shared out along the length. */
    private function across(Plane $face): LaidOut
    {
        $out = $this->share->out($face->length, $this->width, $this->gap);
        $edges = $out->edges($face->length);
        $painted = array_sum(array_map(static fn (array $s): float => $s[1] - $s[0], $out->spans));
        $cut = $out->cut();

        return new LaidOut(
            blocks: array_map(
                static fn (array $s, int $i): Block => new Block(
                    x: $s[0],
                    y: 0.0,
                    length: $s[1] - $s[0],
                    width: $face->width,
                    whole: $out->isWhole($i),
                ),
                $out->spans,
                array_keys($out->spans),
            ),
            along: $edges,
            across: [],
            tape: \count($edges) * $face->width / 1000,
            covers: $painted / $face->length,
            says: [
                1 === \count($out->spans) ? \sprintf('1 stripe of %s mm', Millimetres::plain($this->width)) : \sprintf(
                    '%d stripes of %s mm, %s mm apart',
                    \count($out->spans),
                    Millimetres::plain($this->width),
                    Millimetres::plain($out->gap),
                ),
                ...(0 === $cut ? [] : [\sprintf(
                    '%s at the ends cut to %s',
                    1 === $cut ? 'one' : 'those',
                    implode(
                        ' and ',
                        array_map(
                            static fn (int $i): string => Millimetres::plain($out->spans[$i][1] - $out->spans[$i][0]).' mm',
                            array_values(array_filter(array_keys($out->spans), static fn (int $i): bool => !$out->isWhole($i))),
                        ),
                    ),
                )]),
            ],
        );
    }
}
