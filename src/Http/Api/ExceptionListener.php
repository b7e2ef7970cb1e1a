<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Violation;
use Inlaid\App\Exchange\NoRoom;
use Inlaid\App\Exchange\Picture\NoPicture;
use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Store\BookedOtherwise;
use Inlaid\App\Store\Bundle\HoldsLess;
use Inlaid\App\Store\NotFound;
use Inlaid\App\Store\Sqlite\StoreTrouble;
use Inlaid\App\Store\VersionConflict;
use Inlaid\Core\ValidationError;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\MethodNotAllowedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;

/**
 * Turns whatever went wrong into a problem a painter can read; only what is our own fault is a 500, and is logged.
 */
#[AsEventListener(priority: 10)]
final readonly class ExceptionListener
{
    public function __construct(private LoggerInterface $logger, private LockNeeded $locked, private string $storePath)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        if ($event->getThrowable() instanceof AccessDeniedException) {
            return; // the firewall's own
        }
        $problem = $this->problem($event->getThrowable(), $event->getRequest());
        if (500 <= $problem->status) {
            $this->logger->critical($event->getThrowable()->getMessage(), ['exception' => $event->getThrowable()]);
        }
        $event->setResponse($problem->response());
    }

    private function problem(\Throwable $error, Request $request): Problem
    {
        $trouble = StoreTrouble::of($error, $this->storePath);

        return match (true) {
            null !== $trouble => new Problem($trouble->status(), $trouble->value, $trouble->sentence(), retryAfter: $trouble->retryAfter()),
            $error instanceof NoRoom => new Problem(507, 'disk-full', $error->getMessage()),
            $error instanceof Problem => $error,
            $error instanceof InvalidInput => new Problem(
                status: 422,
                kind: 'not-accepted',
                detail: $error->getMessage(),
                violations: $error->violations,
            ),
            $error instanceof NoPicture => new Problem(
                status: 422,
                kind: 'not-accepted',
                detail: $error->getMessage(),
                violations: [new Violation('', $error->getMessage())],
            ),
            $error instanceof ValidationError => new Problem(422, 'not-accepted', $error->getMessage()),
            $error instanceof NotFound => new Problem(404, 'not-there', $error->getMessage()),
            $error instanceof HoldsLess => new Problem(409, 'holds-less', $error->getMessage()),
            $error instanceof BookedOtherwise => new Problem(409, 'booked-otherwise', $error->getMessage()),
            $error instanceof VersionConflict => new Problem(
                status: 409,
                kind: 'newer-version',
                detail: $error->getMessage(),
                violations: [],
                version: $error->version,
                newer: new RawJson($error->newer),
            ),
            $error instanceof NotFoundHttpException, $error instanceof MethodNotAllowedHttpException
                && $this->locked->for($request) => new Problem(
                    404,
                    'http',
                    'Nothing at this address.',
                ),
            $error instanceof HttpExceptionInterface => new Problem(
                $error->getStatusCode(),
                'http',
                'This address doesn\'t allow that method.',
            ),
            default => new Problem(500, 'our-fault', 'Server error. Nothing was saved. See var/log.'),
        };
    }
}
