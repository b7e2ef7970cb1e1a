import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** What a painted chip is called, under it. */
export function ChipTitle({ children }: { children: ReactNode }) {
  return (
    <Box component="h2" sx={{ font: 'inherit', fontFamily: 'h1.fontFamily', fontWeight: 650, fontSize: 18, lineHeight: 1.25, m: 0 }}>
      {children}
    </Box>
  );
}
