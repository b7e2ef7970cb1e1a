<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Inlaid\Core\Board\Board;
use Inlaid\Core\Board\Patch;
use Inlaid\Core\BoardPlan\AxisPreview;

/**
 * What is on a board, in words: derived from its document, and all that a client gets to see of it.
 *
 * Immutable.
 */
final readonly class BoardCard
{
    /**
     * @param list<PatchCard> $patches
     */
    public function __construct(public AxisPreview $columns, public ?AxisPreview $rows, public array $patches, public ?string $target)
    {
    }

    public static function of(Board $board): self
    {
        return new self(
            columns: AxisPreview::of($board->columns),
            rows: null === $board->rows ? null : AxisPreview::of($board->rows),
            patches: array_map(
                static fn (Patch $p): PatchCard => new PatchCard(
                    label: $p->cell->label,
                    row: $p->cell->row,
                    column: $p->cell->column,
                    control: $p->isControl(),
                    says: $p->cell->says,
                ),
                $board->patches,
            ),
            target: $board->target?->hex,
        );
    }
}
