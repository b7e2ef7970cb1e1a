import Box from '@mui/material/Box';
import { bench } from '../theme/theme';

/** In which order a mix is made, where that matters. */
export function Making({ steps }: { steps: readonly string[] }) {
  if (steps.length === 0) return null;
  return (
    <Box component="ol" data-testid="making" sx={{ m: 0, mt: 0.75, pl: 3, borderLeft: `4px solid ${bench.ochre}`, lineHeight: 1.35 }}>
      {steps.map((step) => (
        <li key={step}>{step}</li>
      ))}
    </Box>
  );
}
