<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Most;

/**
 * A cup, and what is poured into it one after the other.
 */
final readonly class MarksRequest
{
    /**
     * @param Document   $cup   schema vessel
     * @param list<Pour> $pours
     */
    public function __construct(public Document $cup, #[Most(30)] public array $pours)
    {
    }
}
