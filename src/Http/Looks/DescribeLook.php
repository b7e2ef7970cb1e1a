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
            title: $share->board->title,
            columns: $axis($n->child('columns')),
            rows: $n->has('rows') ? $axis($n->child('rows')) : null,
            patches: $n->list('patches', static fn (Node $p): ClientPatch => new ClientPatch(
                label: $label = $p->string('label'),
                row: $p->intOrNull('row'),
                column: $p->intOrNull('column'),
                says: $p->list('says', static fn (Node $s): string => $s->asString(500)),
                colour: ($readings[$label] ?? null)?->colour,
                photos: array_keys(($readings[$label] ?? null)->photos ?? []),
            )),
            target: $n->has('target') ? $n->string('target') : null,
            openUntil: $share->expiresAt,
            chosen: $share->patch,
            comment: $share->comment,
        ));
    }
}
