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
use Inlaid\Core\Technique\WornPlace;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/vocabulary', methods: 'GET')]
#[Describe('List techniques, practices, shapes, woods, tests and other choices', gives: Vocabulary::class)]
final readonly class ShowVocabulary
{
    public function __construct(
        private Techniques $techniques,
        private Practices $schools,
        private Shapes $shapes,
        private LoadSpecies $species,
        private LoadMixStarts $mixes,
    ) {
    }

    public function __invoke(): Vocabulary
    {
        $named = static fn (
            FinishKind|Bleed|Fault|JointKind|Place|Tool|Direction|Placement|WornPlace|SandingAim|Rags|Residue $word,
        ): NamedWord => new NamedWord($word->value, $word->inWords());

        return new Vocabulary(
            array_map(TechniqueWord::of(...), $this->techniques->all()),
            array_map(PracticeWord::of(...), $this->schools->all()),
            array_map(ShapeWord::of(...), $this->shapes->all()),
            $this->species->load(),
            array_map(TestWord::of(...), FieldTest::cases()),
            array_map($named, FinishKind::cases()),
            array_map($named, Bleed::cases()),
            array_map($named, Fault::cases()),
            array_map($named, JointKind::cases()),
            array_map($named, Place::cases()),
            array_map(CriterionWord::of(...), Criterion::cases()),
            array_map($named, Tool::cases()),
            array_map($named, Direction::cases()),
            array_map($named, Placement::cases()),
            array_map($named, WornPlace::cases()),
            array_map($named, SandingAim::cases()),
            array_map($named, Rags::cases()),
            array_map($named, Residue::cases()),
            $this->mixes->load(),
        );
    }
}
