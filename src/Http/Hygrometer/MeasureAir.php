<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Hygrometer;

use Inlaid\App\Device\Hygrometer;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\Drying\Climate;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/hygrometer', name: 'hygrometer_report', methods: 'PUT')]
#[Describe('Post a hygrometer reading', takes: AirMeasured::class, gives: AirShown::class)]
final readonly class MeasureAir
{
    public function __construct(private Hygrometer $hygrometer, private ReadAir $read, private StudioContext $context)
    {
    }

    public function __invoke(Body $body): AirShown
    {
        $context = $this->context->own();
        [$climate, $place] = $body->read(static fn (Node $n): array => [
            $n->fields('temperature', 'humidity', 'place')->make(
                static fn (): Climate => Climate::of($n->float('temperature'), $n->float('humidity')),
                'temperature',
            ),
            !$n->has('place') || isset($context->places[$n->id('place')])
                ? ($n->has('place') ? $n->id('place') : null)
                : $n->refuse('place', 'Unknown place. Add it in Settings.'),
        ]);
        $this->hygrometer->measured($place, $climate, $context->now, $context);

        return $this->read->read($place, $context);
    }
}
