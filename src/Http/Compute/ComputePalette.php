<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Palette\ReadPalette;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Compute\Data\PaletteRequest;
use Inlaid\App\Http\Compute\Data\PaletteResponse;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/palette', methods: 'POST')]
#[Describe('Read the colours of a palette file: GIMP palette or CSV', takes: PaletteRequest::class, gives: PaletteResponse::class)]
final readonly class ComputePalette
{
    public function __construct(private ReadPalette $read)
    {
    }

    public function __invoke(PaletteRequest $asked): PaletteResponse
    {
        return new PaletteResponse($this->read->read($asked->text));
    }
}
