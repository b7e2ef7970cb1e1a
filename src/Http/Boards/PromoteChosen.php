<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\BoardBook;
use Inlaid\App\Store\PatchPromoted;
use Inlaid\App\Store\PromotePatch;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}/patches/{patch}/promotion', methods: 'POST')]
#[Describe(
    'Apply a patch to the draft of its recipe; 409 if the draft has changed',
    takes: PatchToPromote::class,
    gives: BoardResponse::class,
)]
final readonly class PromoteChosen
{
    public function __construct(private PromotePatch $promote, private BoardBook $boards, private DescribeBoards $describe)
    {
    }

    public function __invoke(string $id, string $patch, Body $body): BoardResponse
    {
        [$reason, $version, $share] = $body->read(static fn (Node $n): array => [
            trim($n->fields('reason', 'version', 'share')->string('reason', 300)),
            $n->int('version'),
            $n->has('share') ? $n->id('share') : null,
        ]);
        InvalidInput::around('/patch', fn (): PatchPromoted => $this->promote->promote($id, $patch, $reason, $version, $share));

        return $this->describe->one($this->boards->get($id));
    }
}
