<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Layout\Layout;
use Inlaid\Core\Technique\Direction;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Tool;

/**
 * What a step says beyond its technique; whatever is null is left to the technique, the practices or the label.
 *
 * Immutable. `left` share of the wet film after wiping; `grit` of the abrasive; `depth` in µm; `dwell` and `handsOn` in
 * minutes for each coat; `hand` how far the technique is taken, `where` what is blended or feathered is full; `layout` how stripes, motifs
 * or sheets are shared out on each flat face; `masks` the ids of parts that are taped and covered meanwhile.
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
    ) {
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
    ): self {
        return match (true) {
            null !== $left
                && ($left < 0.0 || $left > 1.0) => throw InvalidRecipe::outOfRange('The share left after wiping', 'between 0 and 1'),
            null !== $grit && ($grit < 24 || $grit > 3000) => throw InvalidRecipe::outOfRange('A grit', 'between 24 and 3000'),
            null !== $depth && ($depth < 0.0 || $depth > 5000.0) => throw InvalidRecipe::outOfRange('A depth', 'between 0 and 5000 µm'),
            null !== $dwell && ($dwell < 0 || $dwell > 2880) => throw InvalidRecipe::outOfRange('A dwell', 'between 0 minutes and 2 days'),
            null !== $handsOn
                && ($handsOn < 1 || $handsOn > 2880) => throw InvalidRecipe::outOfRange('Hands-on time', 'between 1 minute and 2 days'),
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
            ),
        };
    }
}
