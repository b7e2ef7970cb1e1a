<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;

/**
 * A whole recipe, ready to be worked out.
 *
 * Immutable.
 */
final readonly class Recipe
{
    /**
     * @param list<Step>            $steps
     * @param array<string, string> $schools  chosen answer by question; what is missing is the studio's
     * @param array<string, string> $accepted why a finding is kept, by its key
     */
    private function __construct(
        public string $title,
        public Piece $piece,
        public array $steps,
        public array $schools,
        public string $summary,
        public array $accepted,
        public CleanUp $cleanUp,
        public ?Target $target,
    ) {
    }

    /**
     * @param list<Step>            $steps
     * @param array<string, string> $schools
     * @param array<string, string> $accepted
     *
     * @throws InvalidRecipe if a step is there twice, names a part the piece does not have, masks what it works on, or a step of last
     *                       resort is missing or comes too early
     */
    public static function of(
        string $title,
        Piece $piece,
        array $steps,
        array $schools = [],
        string $summary = '',
        array $accepted = [],
        CleanUp $cleanUp = new CleanUp(),
        ?Target $target = null,
    ): self {
        $parts = self::namesOfPlaces($piece);
        $seen = [];
        foreach ($steps as $step) {
            if (isset($seen[$step->id])) {
                throw InvalidRecipe::twice('The step', $step->id);
            }
            $seen[$step->id] = true;
            foreach (array_diff([...$step->parts, ...$step->detail->masks], $parts) as $unknown) {
                throw InvalidRecipe::missing('part', $unknown);
            }
            foreach (array_filter(
                $piece->parts,
                static fn (PiecePart $p): bool => \in_array($p->id, $step->detail->masks, true) && $step->touches($p),
            ) as $part) {
                throw InvalidRecipe::masksWhatItWorksOn($part->name);
            }
        }
        foreach ($steps as $i => $step) {
            self::checkOtherwise($step, \array_slice($steps, $i + 1), $seen);
        }

        return new self(
            title: $title,
            piece: $piece,
            steps: $steps,
            schools: $schools,
            summary: $summary,
            accepted: $accepted,
            cleanUp: $cleanUp,
            target: $target,
        );
    }

    /**
     * The same with other steps, and nothing accepted; what a repeated step would fall back on need not be among them.
     *
     * @param list<Step> $steps
     *
     * @throws InvalidRecipe as `of` does
     */
    public function withSteps(array $steps): self
    {
        $kept = array_map(static fn (Step $s): string => $s->id, $steps);
        $steps = array_map(
            static fn (Step $s): Step => null === $s->repeat?->otherwise || \in_array($s->repeat->otherwise, $kept, true)
                ? $s
                : Step::of(
                    id: $s->id,
                    title: $s->title,
                    technique: $s->technique,
                    intent: $s->intent,
                    parts: $s->parts,
                    uses: $s->uses,
                    coats: $s->coats,
                    detail: $s->detail,
                    wait: $s->wait,
                    note: $s->note,
                ),
            $steps,
        );

        return self::of(
            title: $this->title,
            piece: $this->piece,
            steps: $steps,
            schools: $this->schools,
            summary: '',
            accepted: [],
            cleanUp: $this->cleanUp,
            target: $this->target,
        );
    }

    /**
     * What the steps of a recipe for this piece may name: its parts, their faces, and the fields of these.
     *
     * @return list<string>
     */
    public static function namesOfPlaces(Piece $piece): array
    {
        return array_merge(...array_map(
            static fn (PiecePart $p): array => [
                $p->id,
                ...array_map(static fn (string $face): string => $p->id.':'.$face, $p->surface->names()),
            ],
            $piece->parts,
        ));
    }

    /**
     * @return array<string, Step>
     */
    public function stepsById(): array
    {
        return array_column(array_map(static fn (Step $s): array => [$s->id, $s], $this->steps), 1, 0);
    }

    /**
     * The step that this one stands in for when it is not enough even after its last round; null where it is done in any case.
     */
    public function onlyIfNot(Step $step): ?Step
    {
        foreach ($this->steps as $other) {
            if ($step->id === $other->repeat?->otherwise) {
                return $other;
            }
        }

        return null;
    }

    /**
     * @param list<Step>          $later
     * @param array<string, true> $known ids of all steps
     *
     * @throws InvalidRecipe
     */
    private static function checkOtherwise(Step $step, array $later, array $known): void
    {
        $otherwise = $step->repeat?->otherwise;
        if (null !== $otherwise && !\in_array($otherwise, array_map(static fn (Step $s): string => $s->id, $later), true)) {
            throw isset($known[$otherwise]) ? InvalidRecipe::comesTooEarly($otherwise) : InvalidRecipe::missing('step', $otherwise);
        }
    }

    /**
     * The parts a step is done to.
     *
     * @return list<PiecePart>
     */
    public function partsOf(Step $step): array
    {
        return array_values(array_filter($this->piece->parts, $step->touches(...)));
    }
}
