<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Film\LayCoat;
use Inlaid\Core\Film\WorkOutNeed;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Technique\Techniques;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/film', methods: 'POST')]
#[Describe('Calculate the film of a coat and the material for the coats', takes: FilmRequest::class, gives: FilmResponse::class)]
final readonly class ComputeFilm
{
    public function __construct(
        private Techniques $techniques,
        private FlattenMix $flatten = new FlattenMix(),
        private DeriveCharacter $derive = new DeriveCharacter(),
        private LayCoat $lay = new LayCoat(),
        private WorkOutNeed $need = new WorkOutNeed(),
    ) {
    }

    public function __invoke(Body $body): FilmResponse
    {
        return $body->read(function (Node $n): FilmResponse {
            $n->fields('materials', 'mixes', 'of', 'technique', 'weight', 'left', 'area', 'coats', 'absorption');
            $mix = $this->derive->derive($this->flatten->flatten(MixRequest::read($n)));
            $figures = $n->make(fn () => $this->techniques->named($n->string('technique')), 'technique')->figures();
            $within = static fn (string $name, float $value, float $least, float $most): float => $value < $least || $value > $most
                ? $n->refuse($name, \sprintf('Enter %s to %s', $least, $most))
                : $value;
            $film = $this->lay->lay(
                $mix,
                $figures,
                $n->enumOrNull('weight', FilmWeight::class) ?? FilmWeight::Normal,
                $n->has('left') ? $within('left', $n->float('left'), 0, 1) : null,
            );
            $surface = [
                $within('area', $n->float('area'), 0.0001, 1000),
                $within('absorption', $n->floatOrNull('absorption') ?? 1.0, 0.5, 5),
            ];

            return new FilmResponse(
                $film,
                null === $film ? [] : $this->need->need([$surface], $film->wet, (int) $within('coats', $n->int('coats'), 1, 50), $figures),
            );
        });
    }
}
