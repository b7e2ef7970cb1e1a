<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days\Data;

use Inlaid\App\Http\Api\Field\Id;

/**
 * One more coat of a step of a piece on the bench.
 */
final readonly class ExtraCoat
{
    public function __construct(#[Id] public string $run, #[Id] public string $step)
    {
    }
}
