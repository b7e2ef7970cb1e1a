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
    #[AsEventListener]
    public function onView(ViewEvent $event): void
    {
        $controller = $event->getRequest()->attributes->get('_controller');
        $class = \is_string($controller) ? explode('::', $controller)[0] : '';
        $describe = class_exists($class) ? (new \ReflectionClass($class))->getAttributes(Describe::class)[0] ?? null : null;
        $event->setResponse(new Response(Json::encode($event->getControllerResult()), $describe?->newInstance()->status ?? 200, ['Content-Type' => 'application/json']));
    }

    #[AsEventListener]
    public function onResponse(ResponseEvent $event): void
    {
        $headers = $event->getResponse()->headers;
        $headers->set('Content-Security-Policy', "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; frame-ancestors 'none'; base-uri 'none'; form-action 'self'");
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('Referrer-Policy', 'same-origin');
        $headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        $headers->set('Cross-Origin-Resource-Policy', 'same-origin');
        $headers->set('Permissions-Policy', 'camera=(), geolocation=(), microphone=(), payment=(), usb=(), screen-wake-lock=(self)');
        $headers->set('Cache-Control', 'no-store');
    }
}
