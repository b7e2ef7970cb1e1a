<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Hygrometer;

use Inlaid\App\Http\Api\OneEvent;
use Inlaid\App\Studio\StudioContext;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Show the climate of a place, as server-sent events: {"place": "hall", "at": "2026-11-25T08:00:00+01:00", "temperature": 11.2, "humidity":
 * 74.1, "simulated": true}. Each answer holds one and
 * ends, and a browser asks again by itself after a second, so that no worker of the server is held.
 */
#[Route('/api/hygrometer/stream', methods: 'GET')]
final readonly class StreamAir
{
    /** Milliseconds until it is asked again. */
    private const AGAIN = 1000;

    public function __construct(private ReadAir $read, private StudioContext $context)
    {
    }

    public function __invoke(Request $request): Response
    {
        $place = $request->query->getString('place');
        $shown = $this->read->read('' === $place ? null : $place, $this->context->own());

        return new OneEvent($shown, self::AGAIN);
    }
}
