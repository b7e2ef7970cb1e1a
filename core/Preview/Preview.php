<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Look\JointPreview;
use Inlaid\Core\Look\StackPreview;
use Inlaid\Core\Prep\PrepLine;
use Inlaid\Core\Purchase\CleanUpPreview;
use Inlaid\Core\Purchase\Consumable;
use Inlaid\Core\Purchase\MaterialNeed;
use Inlaid\Core\Schedule\PlanPreview;
use Inlaid\Core\Work\Cost;

/**
 * A recipe, worked out.
 *
 * Immutable. `area` in m² over all parts and pieces, `cost` of the material used and the work, `mostCost` if all that is repeated takes
 * its most rounds, null where nothing is; `bought` of whole packs of all
 * that has to be bought, null where something has no pack.
 */
final readonly class Preview
{
    /**
     * @param list<PartPreview>  $parts
     * @param list<JointPreview> $joints
     * @param list<StepPreview>  $steps
     * @param list<StackPreview> $stacks
     * @param list<MaterialNeed> $materials
     * @param list<Consumable>   $consumables
     * @param list<Finding>      $findings    the gravest first
     * @param list<PrepLine>     $prep        what the piece needs before its first coat and does not get yet
     */
    public function __construct(
        public string $title,
        public float $area,
        public array $parts,
        public array $joints,
        public array $steps,
        public array $stacks,
        public array $materials,
        public array $consumables,
        public CleanUpPreview $cleanUp,
        public PlanPreview $plan,
        public Cost $cost,
        public ?Cost $mostCost,
        public HandsOnPreview $handsOn,
        public ?float $bought,
        public array $findings,
        public array $prep,
    ) {
    }
}
