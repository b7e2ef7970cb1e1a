<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes\Data;

use Inlaid\App\Store\Entity\StoredRevision;

/**
 * A revision without its document.
 */
final readonly class RevisionSummary
{
    public function __construct(public int $number, public string $reason, public \DateTimeImmutable $publishedAt)
    {
    }

    public static function of(StoredRevision $r): self
    {
        return new self($r->number, $r->reason, $r->publishedAt);
    }
}
