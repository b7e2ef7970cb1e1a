<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System;

use Inlaid\App\Http\Api\Describe;
use Inlaid\Core\School\Schools;
use Inlaid\Core\Technique\Techniques;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/vocabulary', methods: 'GET')]
#[Describe('List techniques and schools', gives: Vocabulary::class)]
final readonly class ShowVocabulary
{
    public function __construct(private Techniques $techniques, private Schools $schools)
    {
    }

    public function __invoke(): Vocabulary
    {
        return new Vocabulary(array_map(TechniqueWord::of(...), $this->techniques->all()), array_map(SchoolWord::of(...), $this->schools->all()));
    }
}
