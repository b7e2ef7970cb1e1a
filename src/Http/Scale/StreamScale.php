<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Scale;

use Inlaid\App\Device\BenchScale;
use Inlaid\App\Exchange\Json;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What the scale shows, as a stream of server-sent events: {"grams": 53.4, "settled": false} ten times a second. It ends after some seconds, so that no worker
 * of the server is held for good; a browser asks again by itself.
 */
#[Route('/api/scale/stream', methods: 'GET')]
final readonly class StreamScale
{
    private const SECONDS = 6;
    private const EVERY = 100_000;

    public function __construct(private BenchScale $scale)
    {
    }

    public function __invoke(): StreamedResponse
    {
        return new StreamedResponse(function (): void {
            $end = hrtime(true) + self::SECONDS * 1_000_000_000;
            while (ob_get_level() > 0) {
                ob_end_flush(); // what waits in a buffer would come all at once
            }
            echo "retry: 200\n\n";
            while (hrtime(true) < $end && !connection_aborted()) {
                echo 'data: '.Json::encode($this->scale->read())."\n\n";
                flush();
                usleep(self::EVERY);
            }
        }, 200, ['Content-Type' => 'text/event-stream', 'X-Accel-Buffering' => 'no']);
    }
}
