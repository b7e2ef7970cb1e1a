import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { Problem } from '../api/api';

/** A whole room that has something to say instead of its usual content. */
export function Notice({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box sx={{ m: 'auto', maxWidth: 520, p: 4, textAlign: 'center' }}>
      <Typography variant="h2" component="h1" gutterBottom>
        {title}
      </Typography>
      <Typography component="div">{children}</Typography>
    </Box>
  );
}

export function Loading({ what }: { what: string }) {
  return (
    <Box role="status" sx={{ m: 'auto', p: 4, color: 'text.secondary' }}>
      Loading {what} …
    </Box>
  );
}

/** Asks again for all that could not be had; one of several would leave the others as they are. */
export const askAgain =
  (...queries: readonly { error: unknown; refetch: () => unknown }[]) =>
  () => {
    for (const query of queries) if (query.error) void query.refetch();
  };

/** What went wrong, in the words of the answer, with a way to try again. */
export function Failed({ error, retry }: { error: Error; retry: () => void }) {
  const offline = !(error instanceof Problem);
  return (
    <Notice title={offline ? 'Inlaid Recipe isn’t responding' : 'Something went wrong'}>
      <p>{offline ? 'Check that it is running (./bin/start), then try again. Your work is saved in this browser.' : error.message}</p>
      <Button variant="outlined" onClick={retry}>
        Try again
      </Button>
    </Notice>
  );
}
