import Box from '@mui/material/Box';
import type { Preview } from '../api/api';
import { deferring } from './words';

/** What tools are cleaned with after which steps, and which rags are dangerous. */
export function CleanUpLines({ cleanUp }: { cleanUp: Preview['cleanUp'] }) {
  const steps = (numbers: readonly number[]) => `${numbers.length === 1 ? 'step' : 'steps'} ${numbers.join(', ')}`;
  return (
    <Box component="ul" sx={{ m: 0, pl: 0, listStyle: 'none' }}>
      {cleanUp.lines.map((line) => (
        <li key={line.with}>
          After {steps(line.steps)}: <b>{line.with}</b>
        </li>
      ))}
      {cleanUp.heating.length > 0 && (
        <li>
          Rags of {steps(cleanUp.heating)} <b>can self-heat and catch fire</b>. Spread them flat outdoors or store them in water in a lidded
          metal can. {deferring}
        </li>
      )}
      {cleanUp.burning.length > 0 && (
        <li>
          Rags of {steps(cleanUp.burning)} <b>catch fire at a spark</b>. Dry them flat, outdoors. {deferring}
        </li>
      )}
      {cleanUp.lines.length === 0 && <li>No material used, nothing to clean.</li>}
    </Box>
  );
}
