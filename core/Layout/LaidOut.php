<?php

declare(strict_types=1);

namespace Inlaid\Core\Layout;

/**
 * A layout on one face, to be marked and done.
 *
 * Immutable. In mm from a corner of the face: `along` and `across` where to mark its length and its width; `tape` m of tape along what is
 * painted; `covers` the share of the face that is painted or pasted; `cuts` what is cut of sheets for it.
 */
final readonly class LaidOut
{
    /**
     * @param list<Block>  $blocks
     * @param list<float>  $along
     * @param list<float>  $across
     * @param list<string> $says   what it is, as it is told
     * @param list<Cut>    $cuts
     */
    public function __construct(
        public array $blocks,
        public array $along,
        public array $across,
        public float $tape,
        public float $covers,
        public array $says,
        public array $cuts = [],
    ) {
    }

    /** To a hundredth of a millimetre: nobody marks finer. */
    public function rounded(): self
    {
        $mm = static fn (float $v): float => round($v, 2);

        return new self(
            blocks: array_map(
                static fn (Block $b): Block => new Block(
                    x: $mm($b->x),
                    y: $mm($b->y),
                    length: $mm($b->length),
                    width: $mm($b->width),
                    whole: $b->whole,
                ),
                $this->blocks,
            ),
            along: array_map($mm, $this->along),
            across: array_map($mm, $this->across),
            tape: round($this->tape, 3),
            covers: round($this->covers, 6),
            says: $this->says,
            cuts: array_map(static fn (Cut $c): Cut => new Cut($mm($c->length), $mm($c->width)), $this->cuts),
        );
    }

    /** The same with length and width exchanged. */
    public function turned(): self
    {
        return new self(
            blocks: array_map(static fn (Block $b): Block => $b->turned(), $this->blocks),
            along: $this->across,
            across: $this->along,
            tape: $this->tape,
            covers: $this->covers,
            says: $this->says,
            cuts: $this->cuts,
        );
    }
}
