<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System;

use Inlaid\Core\Piece\Species;

/**
 * The words of the trade this program knows: techniques, questions on which schools differ, and what a piece is surveyed by.
 */
final readonly class Vocabulary
{
    /**
     * @param list<TechniqueWord> $techniques
     * @param list<SchoolWord>    $schools
     * @param list<ShapeWord>     $shapes
     * @param list<Species>       $species
     * @param list<TestWord>      $tests
     * @param list<NamedWord>     $finishes
     * @param list<NamedWord>     $bleeds
     * @param list<NamedWord>     $faults
     * @param list<NamedWord>     $joints
     * @param list<NamedWord>     $places
     */
    public function __construct(
        public array $techniques,
        public array $schools,
        public array $shapes,
        public array $species,
        public array $tests,
        public array $finishes,
        public array $bleeds,
        public array $faults,
        public array $joints,
        public array $places,
    ) {
    }
}
