<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

/**
 * What a client is told about a new finish: until when it is to be used gently, and how it is cared for.
 *
 * Immutable. `until` as it is told in the studio: when all has cured; null where a film promises nothing, or nothing has been laid yet.
 */
final readonly class CareSheet
{
    /**
     * @param list<CureLine> $cures  film by film, the last to cure at the end
     * @param list<string>   $gentle what to mind until then
     * @param list<string>   $care   from then on
     */
    public function __construct(public string $title, public ?string $until, public array $cures, public array $gentle, public array $care)
    {
    }
}
