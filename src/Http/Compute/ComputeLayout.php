<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadLayout;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
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

    public function __invoke(Body $body): LaidOut
    {
        return $body->read(function (Node $n): LaidOut {
            $layout = $this->read->read($n->fields('layout', 'length', 'width')->child('layout'));
            $face = $n->make(static fn (): Plane => Plane::of($n->float('length'), $n->float('width')), 'length');

            return $n->make(static fn (): LaidOut => $layout->on($face)->rounded(), 'layout');
        });
    }
}
