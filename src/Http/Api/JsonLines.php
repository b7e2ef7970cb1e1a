<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Json;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * An answer that comes bit by bit, one JSON object a line. Writing to who has gone away ends the request.
 */
final class JsonLines extends StreamedResponse
{
    /**
     * @param \Closure(\Closure(object): void): void $work is handed what sends a line
     */
    public function __construct(\Closure $work)
    {
        $send = static function (object $line): void {
            echo Json::encode($line), "\n";
            if (0 < ob_get_level()) {
                ob_flush();
            }
            flush();
        };
        parent::__construct(
            static fn () => $work($send),
            200,
            ['Content-Type' => 'application/x-ndjson', 'X-Accel-Buffering' => 'no', 'Cache-Control' => 'no-store'],
        );
    }
}
