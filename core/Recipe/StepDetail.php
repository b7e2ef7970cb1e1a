<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Layout\Layout;
use Inlaid\Core\Technique\Blend;
use Inlaid\Core\Technique\Direction;
use Inlaid\Core\Technique\Extent;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Tool;

/**
 * What a step says beyond its technique; whatever is null is left to the technique, the practices or the label.
 *
 * Immutable. `left` share of the wet film after wiping; `grit` of the abrasive; `depth` in µm; `dwell` and `handsOn` in
 * minutes for each coat; `hand` how far the technique is taken, `where` what is blended or feathered is full; `layout` how stripes, motifs
 * or sheets are shared out on each flat face; `extent` how much of the faces is meant; `sections` in how many sections it is worked at the
 * least; `wiping` what it is wiped off with; `blend` where it is one of several colours of a blend; `masks` the ids of parts that are
 * taped and covered meanwhile.
 */
final readonly class StepDetail
{
    /**
     * @param list<string> $masks
     */
    private function __construct(
        public ?FilmWeight $weight,
        public ?float $left,
        public ?int $grit,
        public ?float $depth,
        public ?int $dwell,
        public ?int $handsOn,
        public ?Tool $tool,
        public ?Direction $strokes,
        public ?SandingAim $aim,
        public array $masks,
        public Hand $hand,
        public ?Placement $where,
        public ?Layout $layout,
        public Extent $extent,
        public ?int $sections,
        public ?Wiping $wiping,
        public ?Blend $blend,
    ) {
    }

    public function blended(Blend $blend): self
    {
        return $this->but(blend: $blend);
    }

    /** By a lighter or heavier hand, and left so many minutes, where that is said. */
    public function done(?Hand $hand, ?int $dwell): self
    {
        return $this->but(hand: $hand, dwell: $dwell);
    }

    /** The same, but for what is named. */
    private function but(?Hand $hand = null, ?int $dwell = null, ?Blend $blend = null): self
    {
        return new self(
            weight: $this->weight,
            left: $this->left,
            grit: $this->grit,
            depth: $this->depth,
            dwell: $dwell ?? $this->dwell,
            handsOn: $this->handsOn,
            tool: $this->tool,
            strokes: $this->strokes,
            aim: $this->aim,
            masks: $this->masks,
            hand: $hand ?? $this->hand,
            where: $this->where,
            layout: $this->layout,
            extent: $this->extent,
            sections: $this->sections,
            wiping: $this->wiping,
            blend: $blend ?? $this->blend,
        );
    }

    /**
     * @param list<string> $masks
     *
     * @throws InvalidRecipe if a figure cannot be true
     */
    public static function of(
        ?FilmWeight $weight = null,
        ?float $left = null,
        ?int $grit = null,
        ?float $depth = null,
        ?int $dwell = null,
        ?int $handsOn = null,
        ?Tool $tool = null,
        ?Direction $strokes = null,
        ?SandingAim $aim = null,
        array $masks = [],
        Hand $hand = Hand::Middle,
        ?Placement $where = null,
        ?Layout $layout = null,
        Extent $extent = new Extent(),
        ?int $sections = null,
        ?Wiping $wiping = null,
        ?Blend $blend = null,
    ): self {
        return match (true) {
            null !== $left
                && ($left < 0.0 || $left > 1.0) => throw InvalidRecipe::outOfRange('The share left after wiping', 'between 0 and 1'),
            null !== $grit && ($grit < 24 || $grit > 3000) => throw InvalidRecipe::outOfRange('A grit', 'between 24 and 3000'),
            null !== $depth && ($depth < 0.0 || $depth > 5000.0) => throw InvalidRecipe::outOfRange('A depth', 'between 0 and 5000 µm'),
            null !== $dwell && ($dwell < 0 || $dwell > 2880) => throw InvalidRecipe::outOfRange('A dwell', 'between 0 minutes and 2 days'),
            null !== $handsOn
                && ($handsOn < 1 || $handsOn > 2880) => throw InvalidRecipe::outOfRange('Hands-on time', 'between 1 minute and 2 days'),
            $extent->share <= 0.0
                || $extent->share > 1.0 => throw InvalidRecipe::outOfRange('A share of the surface', 'above 0 and up to 100 %'),
            null !== $sections && ($sections < 1 || $sections > 500) => throw InvalidRecipe::outOfRange(
                'The sections',
                'between 1 and 500',
            ),
            default => new self(
                weight: $weight,
                left: $left,
                grit: $grit,
                depth: $depth,
                dwell: $dwell,
                handsOn: $handsOn,
                tool: $tool,
                strokes: $strokes,
                aim: $aim,
                masks: $masks,
                hand: $hand,
                where: $where,
                layout: $layout,
                extent: $extent,
                sections: $sections,
                wiping: $wiping,
                blend: $blend,
            ),
        };
    }
}
