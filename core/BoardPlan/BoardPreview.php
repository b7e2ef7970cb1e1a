<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

use Inlaid\Core\Batch\BatchLinePreview;

/**
 * A sample board, worked out.
 *
 * Immutable. `area` in m²; `handsOn` in minutes; `ready` when the last patch can be read, in ISO 8601, null where `stuck` says why.
 */
final readonly class BoardPreview
{
    /**
     * @param list<PatchPreview>     $patches
     * @param list<BoardRound>       $rounds
     * @param list<BoardPot>         $pots
     * @param list<BatchLinePreview> $materials what to have ready
     * @param list<BoardRemark>      $remarks
     * @param list<string>           $cautions
     */
    public function __construct(
        public AxisPreview $columns,
        public ?AxisPreview $rows,
        public array $patches,
        public array $rounds,
        public array $pots,
        public array $materials,
        public array $remarks,
        public array $cautions,
        public float $area,
        public int $handsOn,
        public ?string $ready,
        public ?string $stuck,
    ) {
    }
}
