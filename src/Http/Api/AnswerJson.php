<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Json;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\Event\ViewEvent;

/**
 * Sends what a controller gives as JSON, with the status it describes, and says what a browser may do with any answer.
 */
final class AnswerJson
{
    /** This machine's own name is left out: whoever serves other things at it over plain HTTP could not reach them any more. */
    private const TLS_ONLY = 'max-age=31536000';

    /** @var array<string, string> */
    private readonly array $headers;

    public function __construct(string $projectDir)
    {
        /** @var array<string, string> $headers */
        $headers = require $projectDir.'/config/headers.php';
        $this->headers = $headers;
    }

    #[AsEventListener]
    public function onView(ViewEvent $event): void
    {
        $status = Describe::of($event->getRequest())->status ?? 200;
        $event->setResponse(new Response(Json::encode($event->getControllerResult()), $status, ['Content-Type' => 'application/json']));
    }

    #[AsEventListener]
    public function onResponse(ResponseEvent $event): void
    {
        $headers = $event->getResponse()->headers;
        foreach ($this->headers as $name => $value) {
            $headers->set($name, $value);
        }
        if ($event->getRequest()->isSecure() && 'localhost' !== $event->getRequest()->getHost()) {
            $headers->set('Strict-Transport-Security', self::TLS_ONLY);
        }
        $headers->set('Cache-Control', 'no-store');
    }
}
