import Box from '@mui/material/Box';
import type { Change } from '../api/api';

/** Differences in words. */
export function ChangeList({ changes }: { changes: readonly Change[] | undefined }) {
  if (!changes) return <Box role="status">Comparing …</Box>;
  if (changes.length === 0) return <p>No differences</p>;
  return (
    <Box component="ul" sx={{ pl: 2.5, my: 1, '& li': { mb: 0.75 } }}>
      {changes.map((change) => (
        <li key={change.stepId + change.text}>{change.text}</li>
      ))}
    </Box>
  );
}
