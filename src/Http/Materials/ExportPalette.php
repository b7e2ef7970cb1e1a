<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Materials;

use Inlaid\App\Exchange\Palette\Chip;
use Inlaid\App\Exchange\Palette\WritePalette;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\Core\Material\Material;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/palette.{format}', methods: 'GET', requirements: ['format' => 'gpl|csv'])]
#[Describe('Download the colours of the shelf as a palette: GIMP palette or CSV')]
final readonly class ExportPalette
{
    public function __construct(private MaterialShelf $shelf, private WritePalette $write)
    {
    }

    public function __invoke(string $format): Response
    {
        $coloured = array_filter($this->shelf->byId(), static fn (Material $m): bool => null !== $m->look->colour);
        $chips = array_map(static fn (Material $m): Chip => new Chip($m->name, $m->look->colour->hex ?? ''), array_values($coloured));

        return new Response('gpl' === $format ? $this->write->gimp('Shelf', $chips) : $this->write->csv($chips), 200, [
            'Content-Type' => 'gpl' === $format ? 'text/plain; charset=utf-8' : 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"shelf.$format\"",
        ]);
    }
}
