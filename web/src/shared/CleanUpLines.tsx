import Box from '@mui/material/Box';
import type { Preview } from '../app/api';
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
          Rags of {steps(cleanUp.heating)} <b>heat up by themselves until they burn</b>: spread them flat outdoors, or keep them under water
          in a lidded metal can. {deferring}
        </li>
      )}
      {cleanUp.burning.length > 0 && (
        <li>
          Rags of {steps(cleanUp.burning)} <b>burn at a spark</b>: let them dry flat outdoors. {deferring}
        </li>
      )}
      {cleanUp.lines.length === 0 && <li>Nothing is poured, so there is nothing to wash out.</li>}
    </Box>
  );
}
