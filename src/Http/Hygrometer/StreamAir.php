<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Hygrometer;

use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\StudioContext;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What the hygrometer of a place shows, as a stream of server-sent events: {"place": "hall", "at": "2026-11-25T08:00:00+01:00", "temperature": 11.2, "humidity": 74.1, "simulated": true}, once a second. It ends after some seconds, so that no worker of the server is held for good; a browser asks again by itself.
 */
#[Route('/api/hygrometer/stream', methods: 'GET')]
final readonly class StreamAir
{
    private const TIMES = 5;

    public function __construct(private ReadAir $read, private StudioContext $context)
    {
    }

    public function __invoke(Request $request): StreamedResponse
    {
        $place = $request->query->getString('place');

        return new StreamedResponse(function () use ($place): void {
            while (ob_get_level() > 0) {
                ob_end_flush(); // what waits in a buffer would come all at once
            }
            for ($i = 0; $i < self::TIMES && !connection_aborted(); ++$i) {
                0 === $i || sleep(1);
                echo 'data: '.Json::encode($this->read->read('' === $place ? null : $place, $this->context->own()))."\n\n";
                flush();
            }
        }, 200, ['Content-Type' => 'text/event-stream', 'X-Accel-Buffering' => 'no']);
    }
}
