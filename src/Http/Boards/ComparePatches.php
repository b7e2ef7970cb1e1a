<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadBoard;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\Data\PatchComparison;
use Inlaid\App\Store\BoardBook;
use Inlaid\App\Studio\ReadPatches;
use Inlaid\Core\Board\DiffPatches;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}/compare', methods: 'GET')]
#[Describe('Compare two patches of a board', gives: PatchComparison::class, query: ['one' => 'string', 'other' => 'string'])]
final readonly class ComparePatches
{
    public function __construct(
        private BoardBook $boards,
        private ReadBoard $read,
        private DiffPatches $diff,
        private ReadPatches $readings,
    ) {
    }

    public function __invoke(string $id, Request $request): PatchComparison
    {
        $stored = $this->boards->get($id);
        $board = $this->read->read(Json::decode($stored->document))->board;
        [$one, $other] = InvalidInput::around(
            '',
            static fn (): array => [$board->patch($request->query->getString('one')), $board->patch($request->query->getString('other'))],
        );
        $readings = $this->readings->of($stored);
        [$read, $readOther] = [$readings[$one->cell->label] ?? null, $readings[$other->cell->label] ?? null];
        [$colour, $otherColour] = [$read?->colour, $readOther?->colour];
        $seen = null === $colour || null === $otherColour ? null : ColourDifference::between(Colour::of($colour), Colour::of($otherColour));

        return new PatchComparison(
            one: $one->cell->label,
            other: $other->cell->label,
            done: $this->diff->between($one->recipe, $other->recipe),
            seen: $seen,
            oneOffTarget: $read?->offTarget,
            otherOffTarget: $readOther?->offTarget,
        );
    }
}
