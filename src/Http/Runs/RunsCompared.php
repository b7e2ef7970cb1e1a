<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\Core\Preview\AsMadePreview;
use Inlaid\Core\Preview\RunDifference;
use Inlaid\Core\Recipe\Change;

/**
 * Two runs beside each other: what their recipes had different, how each was made, and what was done differently.
 */
final readonly class RunsCompared
{
    /**
     * @param list<Change>        $recipes from the second to the first
     * @param list<RunDifference> $made
     */
    public function __construct(public RunSummary $one, public RunSummary $other, public array $recipes, public AsMadePreview $oneMade, public AsMadePreview $otherMade, public array $made)
    {
    }
}
