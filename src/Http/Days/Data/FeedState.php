<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days\Data;

/**
 * Show whether a calendar subscription is active, since when, and, only when it has just been made, at which address.
 */
final readonly class FeedState
{
    public function __construct(public ?\DateTimeImmutable $since, public ?string $address = null)
    {
    }
}
