import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { twoColumnsBelow } from '../../theme/theme';

/** A view of a board: what is asked or looked at on the left, what follows from it on the right; each scrolls by itself. */
export function Panels({
  left,
  side,
  children,
  disabled = false,
}: {
  left: string;
  side: ReactNode;
  children: ReactNode;
  disabled?: boolean;
}) {
  const panel = { display: 'grid', alignContent: 'start', gap: 2, overflowY: { md: 'auto' }, minWidth: 0 } as const;
  return (
    <Box sx={twoColumnsBelow(left)}>
      <Box
        component="fieldset"
        disabled={disabled}
        sx={{ ...panel, border: 0, m: 0, p: 2, borderRight: { md: 1 }, borderColor: 'divider' }}
      >
        {side}
      </Box>
      <Box sx={{ ...panel, p: { xs: 2, md: 2.5 }, bgcolor: 'background.paper' }}>{children}</Box>
    </Box>
  );
}
