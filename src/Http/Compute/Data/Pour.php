<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Field\Between;

/**
 * So many ml of something.
 */
final readonly class Pour
{
    public function __construct(public string $name, #[Between(0, 1_000_000, 'An amount can\'t be negative.')] public float $volume)
    {
    }
}
