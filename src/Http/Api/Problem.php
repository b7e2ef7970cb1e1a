<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Document\Violation;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\RawJson;
use Symfony\Component\HttpFoundation\Response;

/**
 * An error as RFC 9457 tells it: a kind, a sentence, and the places it is about.
 */
final class Problem extends \RuntimeException
{
    /**
     * @param list<Violation> $violations
     * @param RawJson|null    $newer      what is stored now, where somebody else was first
     * @param int|null        $retryAfter seconds, on 429
     */
    public function __construct(
        public readonly int $status,
        public readonly string $kind,
        string $detail,
        public readonly array $violations = [],
        public readonly ?int $version = null,
        public readonly ?RawJson $newer = null,
        public readonly ?int $retryAfter = null,
    ) {
        parent::__construct($detail);
    }

    public function response(): Response
    {
        $details = new ProblemDetails(
            type: '/problems/'.$this->kind,
            title: Response::$statusTexts[$this->status] ?? 'Error',
            status: $this->status,
            detail: $this->getMessage(),
            violations: $this->violations,
            version: $this->version,
            newer: $this->newer,
        );
        $headers = [
            'Content-Type' => 'application/problem+json',
        ] + (null === $this->retryAfter ? [] : ['Retry-After' => (string) $this->retryAfter]);

        return new Response(Json::encode($details), $this->status, $headers);
    }
}
