<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Pots\Data\PotResponse;
use Inlaid\App\Store\PotBook;
use Inlaid\App\Studio\StudioContext;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/pots/{id}', methods: 'GET')]
#[Describe('Open a pot', gives: PotResponse::class)]
final readonly class ShowPot
{
    public function __construct(private PotBook $pots, private DescribePots $describe, private StudioContext $context)
    {
    }

    public function __invoke(string $id): PotResponse
    {
        return $this->describe->one($this->pots->get($id), $this->context->own());
    }
}
