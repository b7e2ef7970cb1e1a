<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Document\Refused;
use Inlaid\App\Exchange\Document\Violation;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\Picture\NoPicture;
use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Store\NotThere;
use Inlaid\App\Store\Stale;
use Inlaid\Core\Refusal;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/**
 * Turns whatever went wrong into a problem a painter can read; only what is our own fault is a 500, and is logged.
 */
#[AsEventListener(priority: 10)]
final readonly class TellProblem
{
    public function __construct(private LoggerInterface $logger)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        $problem = $this->problem($event->getThrowable());
        if (500 === $problem->status) {
            $this->logger->critical($event->getThrowable()->getMessage(), ['exception' => $event->getThrowable()]);
        }
        $details = new ProblemDetails('/problems/'.$problem->kind, Response::$statusTexts[$problem->status] ?? 'Error', $problem->status, $problem->getMessage(), $problem->violations, $problem->version, $problem->newer);
        $event->setResponse(new Response(Json::encode($details), $problem->status, ['Content-Type' => 'application/problem+json'] + (null === $problem->retryAfter ? [] : ['Retry-After' => (string) $problem->retryAfter])));
    }

    private function problem(\Throwable $error): Problem
    {
        return match (true) {
            $error instanceof Problem => $error,
            $error instanceof Refused => new Problem(422, 'not-accepted', $error->getMessage(), $error->violations),
            $error instanceof NoPicture => new Problem(422, 'not-accepted', $error->getMessage(), [new Violation('', $error->getMessage())]),
            $error instanceof Refusal => new Problem(422, 'not-accepted', $error->getMessage()),
            $error instanceof NotThere => new Problem(404, 'not-there', $error->getMessage()),
            $error instanceof Stale => new Problem(409, 'newer-version', $error->getMessage(), [], $error->version, new RawJson($error->newer)),
            $error instanceof HttpExceptionInterface => new Problem($error->getStatusCode(), 'http', 404 === $error->getStatusCode() ? 'There is nothing at this address.' : 'This address cannot be used that way.'),
            default => new Problem(500, 'our-fault', 'Something went wrong on our side. Nothing was stored; the log says more.'),
        };
    }
}
