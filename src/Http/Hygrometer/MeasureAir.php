<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Hygrometer;

use Inlaid\App\Device\Hygrometer;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Hygrometer\Data\AirRequest;
use Inlaid\App\Http\Hygrometer\Data\AirResponse;
use Inlaid\App\Studio\StudioContext;
use Inlaid\Core\Drying\Climate;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/hygrometer', name: 'hygrometer_report', methods: 'PUT')]
#[Describe('Post a hygrometer reading', takes: AirRequest::class, gives: AirResponse::class)]
final readonly class MeasureAir
{
    public function __construct(private Hygrometer $hygrometer, private ReadAir $read, private StudioContext $context)
    {
    }

    public function __invoke(AirRequest $air): AirResponse
    {
        $context = $this->context->own();
        $climate = InvalidInput::around('/temperature', static fn (): Climate => Climate::of($air->temperature, $air->humidity));
        if (null !== $air->place && !isset($context->places[$air->place])) {
            throw InvalidInput::at('/place', 'Unknown place. Add it in Settings.');
        }
        $this->hygrometer->measured(place: $air->place, climate: $climate, now: $context->now, context: $context);

        return $this->read->read($air->place, $context);
    }
}
