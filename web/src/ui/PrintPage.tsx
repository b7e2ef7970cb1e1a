import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { SxProps } from '@mui/material/styles';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { bench } from '../theme/theme';

type Props = {
  /** Where “Back to …” leads. */
  to: string;
  back: string;
  children: ReactNode;
  sx?: SxProps;
};

/** A page made to be printed: black on white, with no buttons on the paper. */
export function PrintPage({ to, back, children, sx = {} }: Props) {
  return (
    <Box
      component="main"
      sx={[
        { p: 3, bgcolor: bench.white, color: bench.black, minHeight: '100vh', '@media print': { p: 0, maxWidth: 'none' } },
        ...(Array.isArray(sx) ? sx : [sx]),
      ]}
    >
      <Box sx={{ display: 'flex', gap: 1, mb: 2, displayPrint: 'none' }}>
        <Button component={Link} to={to} variant="outlined">
          {back}
        </Button>
        <Button variant="contained" onClick={() => window.print()}>
          Print
        </Button>
      </Box>
      {children}
    </Box>
  );
}

/** Ruled lines to write on. */
export function RuledLines({ label, count }: { label: string; count: number }) {
  return (
    <Box sx={{ mt: 0.5 }}>
      {Array.from({ length: count }, (_, i) => (
        <Box key={i} sx={{ height: 26, borderBottom: `1px dotted ${bench.black}`, fontSize: 15 }}>
          {i === 0 && label}
        </Box>
      ))}
    </Box>
  );
}
