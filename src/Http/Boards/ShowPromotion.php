<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\Data\Promotion;
use Inlaid\App\Studio\PatchPromoted;
use Inlaid\App\Studio\PromotePatch;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}/patches/{patch}/promotion', methods: 'GET')]
#[Describe('Show what applying a patch would change in the recipe', gives: Promotion::class)]
final readonly class ShowPromotion
{
    public function __construct(private PromotePatch $promote)
    {
    }

    public function __invoke(string $id, string $patch): Promotion
    {
        return Promotion::of(InvalidInput::around('/patch', fn (): PatchPromoted => $this->promote->look($id, $patch)));
    }
}
