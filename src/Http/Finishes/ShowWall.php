<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Finishes;

use Inlaid\App\Exchange\Catalogue\LoadFamilies;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadPiece;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\JsonLines;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Finishes\Data\WallChip;
use Inlaid\App\Http\Finishes\Data\WallRequest;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Studio\BeginFinish;
use Inlaid\App\Studio\ToBuy;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Preview\PreviewRecipe;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/finishes/wall', methods: 'POST')]
#[Describe(
    'Show every finish that suits a piece as it would look on it, one JSON object a line',
    takes: WallRequest::class,
    gives: WallChip::class,
)]
final readonly class ShowWall
{
    public function __construct(
        private LoadFamilies $families,
        private BeginFinish $begin,
        private MaterialShelf $shelf,
        private ReadPiece $read,
        private ReadContext $context,
        private PreviewRecipe $preview,
        private ToBuy $toBuy,
    ) {
    }

    public function __invoke(WallRequest $asked): JsonLines
    {
        $piece = Node::read($asked->piece->json, $this->read->read(...), '/piece');
        $context = $this->context->stated($asked->context);

        return new JsonLines(fn (\Closure $send) => $this->show(json: $asked->piece->json, piece: $piece, context: $context, send: $send));
    }

    /**
     * @param \Closure(WallChip): void $send
     */
    private function show(mixed $json, Piece $piece, Context $context, \Closure $send): void
    {
        $shelf = $this->shelf->byId();
        foreach ($this->families->load() as $family) {
            if (!$family->suits($piece->parts[0], $piece->use, $context->schools)) {
                continue;
            }
            try {
                $made = $this->begin->begin(family: $family, piece: $json, chosen: [], shelf: $shelf, context: $context);
            } catch (InvalidInput) {
                continue; // the shelf has nothing for one of its roles
            }
            $preview = $this->preview->preview($made->recipe, $context);
            $send(WallChip::of(family: $family, preview: $preview, buy: \count($this->toBuy->names($preview))));
        }
    }
}
