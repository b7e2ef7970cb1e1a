<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs\Data;

use Inlaid\Core\Recipe\Change;
use Inlaid\Core\Run\AsMadePreview;
use Inlaid\Core\Run\RunDifference;

/**
 * Two runs beside each other: what their recipes had different, how each was made, and what was done differently.
 */
final readonly class JobComparison
{
    /**
     * @param list<Change>        $recipes from the second to the first
     * @param list<RunDifference> $made
     */
    public function __construct(
        public RunSummary $one,
        public RunSummary $other,
        public array $recipes,
        public AsMadePreview $oneMade,
        public AsMadePreview $otherMade,
        public array $made,
    ) {
    }
}
