<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadLayout;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Compute\Data\LayoutRequest;
use Inlaid\Core\Layout\LaidOut;
use Inlaid\Core\Layout\Plane;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/layout', methods: 'POST')]
#[Describe('Plan the layout of stripes, lines, motifs or sheets on a flat face', takes: LayoutRequest::class, gives: LaidOut::class)]
final readonly class ComputeLayout
{
    public function __construct(private ReadLayout $read = new ReadLayout())
    {
    }

    public function __invoke(LayoutRequest $asked): LaidOut
    {
        $layout = $asked->layout->read($this->read->read(...));
        $face = InvalidInput::around('/length', static fn (): Plane => Plane::of($asked->length, $asked->width));

        return InvalidInput::around('/layout', static fn (): LaidOut => $layout->on($face)->rounded());
    }
}
