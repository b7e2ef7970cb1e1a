<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Json;
use Symfony\Component\HttpFoundation\Response;

/**
 * One server-sent event that ends the answer: a browser asks again by itself, and no worker of the server is held.
 */
final class OneEvent extends Response
{
    /**
     * @param int $again milliseconds until it is asked again
     */
    public function __construct(mixed $data, int $again)
    {
        parent::__construct(\sprintf("retry: %d\ndata: %s\n\n", $again, Json::encode($data)), 200, ['Content-Type' => 'text/event-stream']);
    }
}
