<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

/**
 * A patch of a board: where it is, what it varies, and what to write on its back.
 *
 * Immutable. Row and column count from 0, null of a control patch beside the grid; `differs` from the control, in words; `predicted` the
 * colour that its flat will have.
 */
final readonly class PatchPreview
{
    /**
     * @param list<string> $says
     * @param list<string> $differs
     * @param list<string> $back
     */
    public function __construct(
        public string $label,
        public ?int $row,
        public ?int $column,
        public bool $control,
        public array $says,
        public array $differs,
        public array $back,
        public string $predicted,
        public PatchFace $face,
    ) {
    }
}
