import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Tooltip from '@mui/material/Tooltip';
import type { ReactElement } from 'react';
import type { StepEdits } from './useStepEdits';

/** What can be done to the stack at the selected step. */
export function StepTools({ edits }: { edits: StepEdits }) {
  return (
    <Box
      role="toolbar"
      aria-label="The selected step"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        gap: 0.5,
        px: 1,
        py: 0.75,
        borderBottom: 1,
        borderColor: 'divider',
        '& button': { px: 0.75, minWidth: 34, fontSize: 14 },
      }}
    >
      <Tip text="Add a step above (i)">
        <Button variant="contained" aria-label="Add above" onClick={() => edits.insert(true)}>
          + above
        </Button>
      </Tip>
      <Tip text="Add a step below (Shift + i)">
        <Button variant="outlined" aria-label="Add below" onClick={() => edits.insert(false)}>
          + below
        </Button>
      </Tip>
      <Tip text="Move up (Alt + ↑)">
        <Button variant="outlined" aria-label="Move up" disabled={!edits.canMove(1)} onClick={() => edits.moveBy(1)}>
          ↑
        </Button>
      </Tip>
      <Tip text="Move down (Alt + ↓)">
        <Button variant="outlined" aria-label="Move down" disabled={!edits.canMove(-1)} onClick={() => edits.moveBy(-1)}>
          ↓
        </Button>
      </Tip>
      <Tip text="Duplicate the step (d)">
        <Button variant="outlined" aria-label="Duplicate the step" disabled={!edits.any} onClick={edits.duplicate}>
          Duplicate
        </Button>
      </Tip>
      <Tip text="Remove (Delete). Undo brings it back.">
        <Button variant="outlined" color="secondary" aria-label="Remove" disabled={!edits.any} onClick={edits.remove}>
          ×
        </Button>
      </Tip>
    </Box>
  );
}

function Tip({ text, children }: { text: string; children: ReactElement }) {
  return (
    <Tooltip title={text} describeChild>
      <span>{children}</span>
    </Tooltip>
  );
}
