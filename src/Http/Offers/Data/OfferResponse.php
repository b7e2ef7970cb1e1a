<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers\Data;

/**
 * A link for a client. Its address is told once and not kept.
 */
final readonly class OfferResponse
{
    public function __construct(public string $id, public string $url, public \DateTimeImmutable $expiresAt)
    {
    }
}
