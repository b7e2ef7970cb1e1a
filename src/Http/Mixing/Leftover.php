<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\App\Http\Api\Field\Length;
use Inlaid\App\Http\Api\InPot;

/**
 * A leftover, and what it was made of.
 */
final readonly class Leftover
{
    /**
     * @param list<InPot> $holds
     */
    public function __construct(#[Length(120)] public string $name, public array $holds)
    {
    }
}
