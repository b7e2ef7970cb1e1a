import Box from '@mui/material/Box';
import { useState } from 'react';
import { BoardGrid } from './BoardGrid';
import { type BoardProps, cellsOf, readingOf, woodOf } from './board';
import { Panels } from './Panels';
import { PatchReader } from './PatchReader';

/** Reading the board: photos, colour, notes and a rating, patch by patch. */
export function ReadView({ board, document, worked }: BoardProps) {
  const [selected, setSelected] = useState(worked.patches[0]?.label ?? '');
  const patch = worked.patches.find((p) => p.label === selected) ?? worked.patches[0];
  return (
    <Panels
      left="minmax(340px, 460px)"
      side={
        <>
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
            {worked.rows && `, rows: ${worked.rows.name}`}. {board.readings.length} of {worked.patches.length} patches measured. Each patch:
            measured left, predicted right.
          </Box>
        </>
      }
    >
      {patch && <PatchReader key={patch.label} board={board} patch={patch} target={document.target ?? null} />}
    </Panels>
  );
}
