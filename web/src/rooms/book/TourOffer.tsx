import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useSyncExternalStore } from 'react';
import { bench } from '../../theme/theme';
import { begin, leave, onTour, wasOffered } from '../../ui/tourState';

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
      <Box sx={{ flex: '1 1 320px' }}>New here? The tour takes three minutes. You can end it any time.</Box>
      <Button variant="outlined" onClick={begin}>
        Start tour
      </Button>
      <Button color="inherit" onClick={leave}>
        Cancel
      </Button>
    </Box>
  );
}
