import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useEffect, useState } from 'react';

/** The program gives its best order by then, seconds. */
const most = 4;
/** What is quicker needs no word, milliseconds. */
const soon = 600;

/** While orders are tried for long: how far it is, and a way to leave it at the plan there is. */
export function Trying({ busy, onStop }: { busy: boolean; onStop: () => void }) {
  const [since, setSince] = useState<number | null>(null);
  useEffect(() => {
    if (!busy) return setSince(null);
    const begun = performance.now();
    const tick = window.setInterval(() => setSince(performance.now() - begun), 100);
    return () => window.clearInterval(tick);
  }, [busy]);
  if (since === null || since < soon) return null;
  return (
    <Box role="status" sx={{ display: 'grid', gridTemplateColumns: '1fr auto', gap: 2, alignItems: 'center' }}>
      <Box>
        Searching for a faster order …
        <LinearProgress variant="determinate" value={Math.min(100, since / most / 10)} aria-label="Orders searched" />
      </Box>
      <Button size="small" variant="outlined" onClick={onStop}>
        Stop here
      </Button>
    </Box>
  );
}
