<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System\Data;

use Inlaid\App\Exchange\Catalogue\MixStart;
use Inlaid\Core\Piece\Species;

/**
 * The words of the trade this program knows: techniques, questions on which the trade differs, what a piece is surveyed by, and how a step
 * can be done.
 */
final readonly class Vocabulary
{
    /**
     * @param list<TechniqueWord> $techniques
     * @param list<PracticeWord>  $practices
     * @param list<ShapeWord>     $shapes
     * @param list<Species>       $species
     * @param list<TestWord>      $tests
     * @param list<NamedWord>     $finishes
     * @param list<NamedWord>     $bleeds
     * @param list<NamedWord>     $faults
     * @param list<NamedWord>     $joints
     * @param list<NamedWord>     $places
     * @param list<CriterionWord> $criteria   what a step is repeated for
     * @param list<NamedWord>     $tools
     * @param list<NamedWord>     $strokes
     * @param list<NamedWord>     $placements where a blend is full
     * @param list<NamedWord>     $wornPlaces
     * @param list<NamedWord>     $within     where parts are worn
     * @param list<NamedWord>     $aims       of a paper
     * @param list<NamedWord>     $rags       where they go
     * @param list<NamedWord>     $residues   what takes them off
     * @param list<MixStart>      $mixes      to begin with
     */
    public function __construct(
        public array $techniques,
        public array $practices,
        public array $shapes,
        public array $species,
        public array $tests,
        public array $finishes,
        public array $bleeds,
        public array $faults,
        public array $joints,
        public array $places,
        public array $criteria,
        public array $tools,
        public array $strokes,
        public array $placements,
        public array $wornPlaces,
        public array $within,
        public array $aims,
        public array $rags,
        public array $residues,
        public array $mixes,
    ) {
    }
}
