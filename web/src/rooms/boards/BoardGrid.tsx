import Box from '@mui/material/Box';
import type { KeyboardEvent } from 'react';
import type { BoardPreview } from '../../api/api';
import { bench } from '../../theme/theme';
import { PatchFace } from './PatchFace';

const fineGrain =
  'repeating-linear-gradient(1.2deg, transparent 0 7px, rgba(60,40,15,.13) 7px 8px, transparent 8px 19px, rgba(60,40,15,.09) 19px 20px)';

/**
 * A patch as the grid draws it. `colour` null where none was read; `predicted` what it will look like, painted as `face` says, on the right
 * half beside what was read; `mark` a word under the letter.
 */
export type Cell = {
  label: string;
  row: number | null;
  column: number | null;
  colour: string | null;
  predicted?: string;
  face?: BoardPreview['patches'][number]['face'];
  mark?: string;
};

type Props = {
  cells: readonly Cell[];
  columns: readonly string[];
  rows: readonly string[] | null;
  wood: string;
  /** Width of a patch over its height. */
  shape?: number;
  selected?: string | null;
  onSelect?: (label: string) => void;
};

/**
 * A board as it lies on the bench: patches on the wood with a bare strip between them, what columns and rows vary written on its edges, a
 * control patch by itself below.
 */
export function BoardGrid({ cells, columns, rows, wood, shape = 1.25, selected = null, onSelect }: Props) {
  const grid = cells.filter((c) => c.row !== null);
  const apart = cells.filter((c) => c.row === null);
  const move = (event: KeyboardEvent, from: Cell) => {
    const by = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] }[event.key];
    const to = by && grid.find((c) => c.row === (from.row ?? 0) + (by[0] ?? 0) && c.column === (from.column ?? 0) + (by[1] ?? 0));
    if (!to) return;
    event.preventDefault();
    onSelect?.(to.label);
    (event.currentTarget.parentElement?.querySelector(`[data-patch="${to.label}"]`) as HTMLElement | null)?.focus();
  };
  const patch = (cell: Cell) => (
    <Box
      key={cell.label}
      component="button"
      type="button"
      data-patch={cell.label}
      aria-pressed={onSelect ? cell.label === selected : undefined}
      disabled={!onSelect}
      onClick={() => onSelect?.(cell.label)}
      onKeyDown={(event: KeyboardEvent) => move(event, cell)}
      sx={{
        aspectRatio: cell.row === null ? undefined : String(shape),
        minHeight: 44,
        border: cell.colour ? `1px solid ${bench.ink}` : '2px dashed rgba(34,41,43,.55)',
        outline: cell.label === selected ? `4px solid ${bench.ink}` : undefined,
        outlineOffset: 2,
        bgcolor: cell.colour ?? 'rgba(255,254,251,.55)',
        position: 'relative',
        display: 'grid',
        placeItems: 'center',
        p: 0.5,
        font: 'inherit',
        cursor: onSelect ? 'pointer' : 'default',
      }}
    >
      {cell.predicted && (
        <Box
          component="span"
          title={`predicted ${cell.predicted}`}
          sx={{
            position: 'absolute',
            inset: cell.colour ? '0 0 0 50%' : 0,
            bgcolor: cell.predicted,
            borderLeft: cell.colour ? `1.5px solid ${bench.ink}` : 0,
          }}
        >
          {cell.face && <PatchFace face={cell.face} />}
        </Box>
      )}
      <Box
        component="span"
        sx={{
          position: 'relative',
          bgcolor: 'rgba(255,254,251,.88)',
          color: bench.ink,
          px: 0.75,
          borderRadius: '2px',
          fontSize: 15,
          lineHeight: 1.3,
        }}
      >
        <b style={{ fontSize: 18 }}>{cell.label}</b> {cell.mark && <span style={{ display: 'block', fontSize: 14 }}>{cell.mark}</span>}
      </Box>
    </Box>
  );
  const head = { fontSize: 15, lineHeight: 1.2, fontWeight: 650, overflowWrap: 'anywhere' } as const;
  return (
    <Box
      data-testid="board"
      sx={{
        // boards are cut along the grain: fine lines a little darker than the wood
        background: `${fineGrain}, ${wood}`,
        border: `2px solid ${bench.ink}`,
        borderRadius: '3px',
        p: 2,
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: `${rows ? 'minmax(64px, auto) ' : ''}repeat(${columns.length}, minmax(0, 1fr))`,
      }}
    >
      {rows && <span />}
      {columns.map((c) => (
        <Box key={c} sx={{ ...head, bgcolor: 'rgba(255,254,251,.82)', px: 0.75, py: 0.5, textAlign: 'center', alignSelf: 'end' }}>
          {c}
        </Box>
      ))}
      {(rows ?? [null]).map((r, i) => [
        r !== null && (
          <Box key={r} sx={{ ...head, bgcolor: 'rgba(255,254,251,.82)', px: 0.75, py: 0.5, alignSelf: 'center', maxWidth: 130 }}>
            {r}
          </Box>
        ),
        ...grid.filter((c) => c.row === i).map(patch),
      ])}
      {apart.map((c) => (
        <Box key={c.label} sx={{ gridColumn: '1 / -1', display: 'grid', mt: 0.5 }}>
          {patch({ ...c, mark: c.mark ?? 'as in the recipe (control)' })}
        </Box>
      ))}
    </Box>
  );
}
