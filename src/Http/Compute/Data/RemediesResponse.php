<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Studio\TriedRemedy;

/**
 * The remedies of a finding, each tried.
 */
final readonly class RemediesResponse
{
    /**
     * @param list<TriedRemedy> $remedies
     */
    public function __construct(public array $remedies)
    {
    }
}
