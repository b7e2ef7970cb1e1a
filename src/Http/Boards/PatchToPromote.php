<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

/**
 * A patch to be taken into its recipe, and why; `version` of the draft that was looked at, `share` the link it was chosen by.
 */
final readonly class PatchToPromote
{
    public function __construct(public string $reason, public int $version, public ?string $share = null)
    {
    }
}
