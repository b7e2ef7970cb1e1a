<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers\Data;

use Inlaid\App\Exchange\RawJson;

/**
 * A finished piece as a client sees it.
 */
final readonly class ClientPiece
{
    /**
     * @param RawJson $painting schema Painting
     */
    public function __construct(public string $label, public string $name, public RawJson $painting)
    {
    }
}
