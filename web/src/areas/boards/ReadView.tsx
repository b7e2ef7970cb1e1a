import Box from '@mui/material/Box';
import { useState } from 'react';
import { twoColumnsBelow } from '../../app/theme';
import { BoardGrid } from './BoardGrid';
import { type BoardProps, cellsOf, readingOf, woodOf } from './board';
import { PatchReader } from './PatchReader';

/** Reading the board: photos, colour, notes and a rating, patch by patch. */
export function ReadView({ board, document, worked }: BoardProps) {
  const [selected, setSelected] = useState(worked.patches[0]?.label ?? '');
  const patch = worked.patches.find((p) => p.label === selected) ?? worked.patches[0];
  return (
    <Box sx={twoColumnsBelow('minmax(340px, 460px)')}>
      <Box sx={{ p: 2, borderRight: { md: 1 }, borderColor: 'divider', overflowY: { md: 'auto' } }}>
        <BoardGrid
          cells={cellsOf(board, worked, (label) => {
            const rating = readingOf(board, label)?.rating;
            return rating ? '★'.repeat(rating) : undefined;
          })}
          columns={worked.columns.heads}
          rows={worked.rows?.heads ?? null}
          wood={woodOf(document)}
          shape={document.width / document.height}
          selected={patch?.label ?? null}
          onSelect={setSelected}
        />
        <Box sx={{ color: 'text.secondary', mt: 1 }}>
          {worked.columns.name}
          {worked.rows && `, down the rows ${worked.rows.name}`}. {board.readings.length} of {worked.patches.length} patches have been read.
        </Box>
      </Box>
      <Box sx={{ p: { xs: 2, md: 2.5 }, bgcolor: 'background.paper', overflowY: { md: 'auto' } }}>
        {patch && <PatchReader key={patch.label} board={board} patch={patch} target={document.target ?? null} />}
      </Box>
    </Box>
  );
}
