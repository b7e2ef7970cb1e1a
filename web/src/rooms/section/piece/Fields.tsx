import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';

/** Fields under a heading, side by side as far as there is room. */
export function Fields({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section">
      <Typography variant="h3" component="h2" sx={{ mb: 1, borderBottom: 1, borderColor: 'divider' }}>
        {title}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: 'repeat(auto-fill, minmax(185px, 1fr))' }}>{children}</Box>
    </Box>
  );
}
