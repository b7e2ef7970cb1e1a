import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useSyncExternalStore } from 'react';
import { bench } from '../../app/theme';
import { begin, leave, onTour, wasOffered } from './tourState';

/** Said once on each device. */
export function TourOffer() {
  const offered = useSyncExternalStore(onTour, wasOffered);
  if (offered) return null;
  return (
    <Box
      component="section"
      aria-label="A tour"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', borderLeft: `6px solid ${bench.ochre}`, pl: 2, mb: 2.5 }}
    >
      <Box sx={{ flex: '1 1 320px' }}>New here? A tour of the rooms takes three minutes, and can be left at any time.</Box>
      <Button variant="outlined" onClick={begin}>
        Show me round
      </Button>
      <Button color="inherit" onClick={leave}>
        Not now
      </Button>
    </Box>
  );
}
