<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Looks\Data;

use Inlaid\Core\BoardPlan\AxisPreview;

/**
 * A board as a client sees it: nothing of how it is made but what its rows and columns vary. `chosen` the patch that was chosen by this
 * link.
 */
final readonly class ClientBoardResponse
{
    /**
     * @param list<ClientPatch> $patches
     */
    public function __construct(
        public string $title,
        public AxisPreview $columns,
        public ?AxisPreview $rows,
        public array $patches,
        public ?string $target,
        public \DateTimeImmutable $openUntil,
        public ?string $chosen,
        public string $comment,
    ) {
    }
}
