<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\EditKind;

/**
 * Lays a board out: a patch for every row and column, and one as the recipe stands if none is. Columns are letters, rows numbers: B2.
 */
final class LayOut
{
    public const CONTROL = 'Control';

    /**
     * @param list<OwnChange> $own
     *
     * @return non-empty-list<Cell> row by row; a control patch of its own last
     *
     * @throws InvalidBoard if rows and columns vary the same, or something is changed on a patch that is not there
     */
    public function cells(Axis $columns, ?Axis $rows, array $own = []): array
    {
        if (null !== $rows && $rows->thing === $columns->thing && $rows->step?->id === $columns->step?->id) {
            throw InvalidBoard::sameThingBothWays($columns->name());
        }
        $cells = [];
        foreach ($rows->levels ?? [null] as $r => $_) {
            foreach ($columns->levels as $c => $_) {
                $label = \chr(65 + $c).(null === $rows ? '' : $r + 1);
                $cells[$label] = new Cell(
                    label: $label,
                    row: $r,
                    column: $c,
                    says: [$columns->heads[$c], ...(null === $rows ? [] : [$rows->heads[$r]])],
                    edits: self::inOrder([...$columns->edits[$c], ...(null === $rows ? [] : $rows->edits[$r])]),
                );
            }
        }
        foreach ($own as $change) {
            $cell = $cells[$change->patch] ?? throw InvalidBoard::noSuchPatch($change->patch);
            $cells[$change->patch] = new Cell(
                label: $cell->label,
                row: $cell->row,
                column: $cell->column,
                says: [...$cell->says, \sprintf('%s: %s', $change->axis->name(), $change->axis->heads[0])],
                edits: self::inOrder([...$cell->edits, ...$change->axis->edits[0]]),
            );
        }
        $asItStands = array_filter($cells, static fn (Cell $c): bool => [] === $c->edits);

        return [
            ...array_values($cells),
            ...([] === $asItStands ? [new Cell(label: self::CONTROL, row: null, column: null, says: ['as in the recipe'], edits: [])] : []),
        ];
    }

    /**
     * What is left out is taken out last, so that others can still be put before it.
     *
     * @param list<Edit> $edits
     *
     * @return list<Edit>
     */
    private static function inOrder(array $edits): array
    {
        usort($edits, static fn (Edit $a, Edit $b): int => (EditKind::TakeOut === $a->do) <=> (EditKind::TakeOut === $b->do));

        return $edits;
    }
}
