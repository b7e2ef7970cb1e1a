import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { Saving } from '../api/useDraft';
import { bench } from '../theme/theme';

const states: Record<Saving, [string, string]> = {
  saved: ['●', 'Draft saved'],
  waiting: ['◌', 'Saving draft …'],
  offline: ['△', 'Offline. The draft is saved in this browser.'],
  refused: ['△', 'Not saved: fix the marked fields'],
  conflict: ['⊠', 'Newer version found'],
};

/** Whether what was edited is saved. */
export function SavingState({ saving, unreachable = false, children }: { saving: Saving; unreachable?: boolean; children?: ReactNode }) {
  const [mark, words] = states[unreachable && saving === 'saved' ? 'offline' : saving];
  const isFine = saving === 'saved' || saving === 'waiting';
  return (
    <Box role="status" data-testid="saving" data-state={saving} sx={{ fontSize: 14, color: isFine ? 'text.secondary' : bench.oxide }}>
      <span aria-hidden="true">{mark}</span> {words}
      {children}
    </Box>
  );
}
