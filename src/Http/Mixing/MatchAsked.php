<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\Core\Material\Sheen;

/**
 * A colour to be mixed from paints of the shelf, up to so many in one mix.
 */
final readonly class MatchAsked
{
    /**
     * @param list<string> $paints ids
     */
    public function __construct(public string $target, public array $paints, public int $most = 3, public ?Sheen $sheen = null)
    {
    }
}
