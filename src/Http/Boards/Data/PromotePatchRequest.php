<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

use Inlaid\App\Http\Api\Field\Id;
use Inlaid\App\Http\Api\Field\Length;

/**
 * A patch to be taken into its recipe, and why; `version` of the draft that was looked at, `share` the link it was chosen by.
 */
final readonly class PromotePatchRequest
{
    public function __construct(#[Length(300)] public string $reason, public int $version, #[Id] public ?string $share = null)
    {
    }
}
