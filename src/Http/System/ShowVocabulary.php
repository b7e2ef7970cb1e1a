<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System;

use Inlaid\App\Exchange\Catalogue\LoadMixStarts;
use Inlaid\App\Exchange\Catalogue\LoadSpecies;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\System\Data\CriterionWord;
use Inlaid\App\Http\System\Data\NamedWord;
use Inlaid\App\Http\System\Data\PracticeWord;
use Inlaid\App\Http\System\Data\ShapeWord;
use Inlaid\App\Http\System\Data\TechniqueWord;
use Inlaid\App\Http\System\Data\TestWord;
use Inlaid\App\Http\System\Data\Vocabulary;
use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Material\Residue;
use Inlaid\Core\Piece\Fault;
use Inlaid\Core\Piece\FieldTest;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\JointKind;
use Inlaid\Core\Piece\Place;
use Inlaid\Core\Piece\Shape\Shapes;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Recipe\Criterion;
use Inlaid\Core\Recipe\Rags;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Technique\Direction;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Techniques;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Within;
use Inlaid\Core\Technique\WornPlace;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/vocabulary', methods: 'GET')]
#[Describe('List techniques, practices, shapes, woods, tests and other choices', gives: Vocabulary::class)]
final readonly class ShowVocabulary
{
    public function __construct(
        private Techniques $techniques,
        private Practices $practices,
        private Shapes $shapes,
        private LoadSpecies $species,
        private LoadMixStarts $mixes,
    ) {
    }

    public function __invoke(): Vocabulary
    {
        $named = static fn (
            FinishKind|Bleed|Fault|JointKind|Place|Tool|Direction|Placement|WornPlace|SandingAim|Rags|Residue|Within $word,
        ): NamedWord => new NamedWord($word->value, $word->inWords());

        return new Vocabulary(
            techniques: array_map(TechniqueWord::of(...), $this->techniques->all()),
            practices: array_map(PracticeWord::of(...), $this->practices->all()),
            shapes: array_map(ShapeWord::of(...), $this->shapes->all()),
            species: $this->species->load(),
            tests: array_map(TestWord::of(...), FieldTest::cases()),
            finishes: array_map($named, FinishKind::cases()),
            bleeds: array_map($named, Bleed::cases()),
            faults: array_map($named, Fault::cases()),
            joints: array_map($named, JointKind::cases()),
            places: array_map($named, Place::cases()),
            criteria: array_map(CriterionWord::of(...), Criterion::cases()),
            tools: array_map($named, Tool::cases()),
            strokes: array_map($named, Direction::cases()),
            placements: array_map($named, Placement::cases()),
            wornPlaces: array_map($named, WornPlace::cases()),
            within: array_map($named, Within::cases()),
            aims: array_map($named, SandingAim::cases()),
            rags: array_map($named, Rags::cases()),
            residues: array_map($named, Residue::cases()),
            mixes: $this->mixes->load(),
        );
    }
}
