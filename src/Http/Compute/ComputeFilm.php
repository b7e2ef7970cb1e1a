<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Compute\Data\FilmRequest;
use Inlaid\App\Http\Compute\Data\FilmResponse;
use Inlaid\Core\Film\LayCoat;
use Inlaid\Core\Film\WorkOutNeed;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Techniques;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/film', methods: 'POST')]
#[Describe('Calculate the film of a coat and the material for the coats', takes: FilmRequest::class, gives: FilmResponse::class)]
final readonly class ComputeFilm
{
    public function __construct(
        private Techniques $techniques,
        private ReadContext $context,
        private DeriveCharacter $derive = new DeriveCharacter(),
        private LayCoat $lay = new LayCoat(),
        private WorkOutNeed $need = new WorkOutNeed(),
    ) {
    }

    public function __invoke(FilmRequest $asked): FilmResponse
    {
        $mix = $this->derive->derive(ReadBench::read($asked->materials, $asked->mixes, $this->context->stated(null))->mix($asked->of));
        $figures = InvalidInput::around('/technique', fn (): TechniqueProfile => $this->techniques->named($asked->technique)->profile());
        $film = $this->lay->lay(mix: $mix, technique: $figures, weight: $asked->weight, left: $asked->left);

        return new FilmResponse(
            $film,
            null === $film
                ? []
                : $this->need->need(
                    surfaces: [[$asked->area, $asked->absorption]],
                    wet: $film->wet,
                    coats: $asked->coats,
                    technique: $figures,
                ),
        );
    }
}
