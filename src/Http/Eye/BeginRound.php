<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Eye;

use Inlaid\App\Exchange\Catalogue\LoadSpecies;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Eye\Data\EyeAsked;
use Inlaid\App\Http\Eye\Data\EyeRoundResponse;
use Inlaid\App\Store\EyeBook;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Eye\AskEye;
use Inlaid\Core\Eye\EyeQuestion;
use Inlaid\Core\Piece\Species;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/eye/rounds', methods: 'POST')]
#[Describe('Begin a round that trains the eye', gives: EyeRoundResponse::class, status: 201)]
final readonly class BeginRound
{
    private const QUESTIONS = 20;
    private const MINUTES = 5;

    public function __construct(
        private EyeBook $eye,
        private AskEye $ask,
        private MaterialShelf $shelf,
        private LoadSpecies $species,
    ) {
    }

    public function __invoke(): EyeRoundResponse
    {
        $seed = EyeBook::seed();
        $woods = array_map(static fn (Species $s): Colour => $s->colour, $this->species->load());
        \assert([] !== $woods);
        $questions = $this->ask->ask(seed: $seed, shelf: array_values($this->shelf->byId()), woods: $woods, count: self::QUESTIONS);
        if ([] === $questions) {
            throw InvalidInput::at('', 'The shelf has no paint with something to thin it. Add both first.');
        }
        $this->eye->begin($seed, $questions);

        return new EyeRoundResponse($seed, self::MINUTES, array_map(static fn (EyeQuestion $q): EyeAsked => EyeAsked::of($q), $questions));
    }
}
