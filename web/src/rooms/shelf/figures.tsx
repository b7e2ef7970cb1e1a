import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import type { Material } from '../../api/api';

/** What every group of a material's figures is given: the material as edited, how to change it, and what is wrong with a field. */
export type FiguresProps = {
  edited: Material;
  set: (patch: Partial<Material>) => void;
  wrong: (field: string) => string | undefined;
};

export function Grid({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section">
      <Typography variant="h3" sx={{ mb: 1.25 }}>
        {title}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: 'repeat(auto-fill, minmax(190px, 1fr))' }}>{children}</Box>
    </Box>
  );
}

/** To hundredths, for percentages. */
export function round(value: number): number {
  return Math.round(value * 100) / 100;
}
