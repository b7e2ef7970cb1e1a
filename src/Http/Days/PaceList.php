<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

/**
 * The painter's pace, and whether the days are planned with it.
 */
final readonly class PaceList
{
    /**
     * @param list<PaceWord> $paces
     */
    public function __construct(public bool $used, public array $paces)
    {
    }
}
