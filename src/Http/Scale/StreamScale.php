<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Scale;

use Inlaid\App\Device\BenchScale;
use Inlaid\App\Http\Api\OneEvent;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What the scale shows, as server-sent events: {"grams": 53.4, "settled": false}. Each answer holds one and ends, and a browser asks again
 * by itself after a tenth of a second: held open,
 * five pages would keep all workers of the server from anybody else.
 */
#[Route('/api/scale/stream', methods: 'GET')]
final readonly class StreamScale
{
    /** Milliseconds until it is asked again. */
    private const AGAIN = 120;

    public function __construct(private BenchScale $scale)
    {
    }

    public function __invoke(): Response
    {
        return new OneEvent($this->scale->read(), self::AGAIN);
    }
}
