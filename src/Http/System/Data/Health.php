<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System\Data;

/**
 * How the program is: `status` "well", or "limited" where it can be read from but something is the matter, which `notes` say.
 */
final readonly class Health
{
    /**
     * @param list<string> $notes
     */
    public function __construct(public string $status, public string $store, public array $notes = [])
    {
    }
}
