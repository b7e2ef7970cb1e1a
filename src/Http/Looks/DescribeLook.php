<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Looks;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Looks\Data\ClientBoardResponse;
use Inlaid\App\Http\Looks\Data\ClientPatch;
use Inlaid\App\Store\BoardBook;
use Inlaid\App\Store\Entity\StoredShare;
use Inlaid\App\Studio\ReadPatches;
use Inlaid\Core\BoardPlan\AxisPreview;

/**
 * Describes a board for a client who has a link to it.
 */
final readonly class DescribeLook
{
    public function __construct(private BoardBook $boards, private ReadPatches $readings)
    {
    }

    public function describe(StoredShare $share): ClientBoardResponse
    {
        $readings = $this->readings->of($share->board);
        $axis = static fn (Node $n): AxisPreview => new AxisPreview(
            $n->string('name'),
            $n->string('tells'),
            $n->list('heads', static fn (Node $h): string => $h->asString(500)),
        );

        return Node::read($this->boards->card($share->board), static fn (Node $n): ClientBoardResponse => new ClientBoardResponse(
            $share->board->title,
            $axis($n->child('columns')),
            $n->has('rows') ? $axis($n->child('rows')) : null,
            $n->list('patches', static fn (Node $p): ClientPatch => new ClientPatch(
                $label = $p->string('label'),
                $p->intOrNull('row'),
                $p->intOrNull('column'),
                $p->list('says', static fn (Node $s): string => $s->asString(500)),
                ($readings[$label] ?? null)?->colour,
                array_keys(($readings[$label] ?? null)->photos ?? []),
            )),
            $n->has('target') ? $n->string('target') : null,
            $share->expiresAt,
            $share->patch,
            $share->comment,
        ));
    }
}
