<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Finishes\Data;

/**
 * All finish families.
 */
final readonly class FinishesResponse
{
    /**
     * @param list<Finish> $finishes
     */
    public function __construct(public array $finishes)
    {
    }
}
