import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** What is rarely needed, behind a line that says what there is; open from the beginning where something of it is set. */
export function Folded({ title, open = false, children }: { title: string; open?: boolean; children: ReactNode }) {
  return (
    <Box component="details" {...(open ? { open: true } : {})} sx={{ gridColumn: '1 / -1' }}>
      <Box component="summary" sx={{ cursor: 'pointer', py: 0.75, color: 'primary.main', fontWeight: 600 }}>
        {title}
      </Box>
      <Box sx={{ display: 'grid', gap: 1.25, pt: 1 }}>{children}</Box>
    </Box>
  );
}
