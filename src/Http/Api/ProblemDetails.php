<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Document\Violation;
use Inlaid\App\Exchange\RawJson;

/**
 * The body of every error (application/problem+json).
 */
final readonly class ProblemDetails
{
    /**
     * @param list<Violation> $violations
     * @param int|null        $version    the version stored now, on 409
     * @param RawJson|null    $newer      the document stored now, on 409
     */
    public function __construct(
        public string $type,
        public string $title,
        public int $status,
        public string $detail,
        public array $violations,
        public ?int $version,
        public ?RawJson $newer,
    ) {
    }
}
