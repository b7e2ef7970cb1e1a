import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { sendBytes, wrongIn } from '../../api/api';
import { keys } from '../../api/keys';
import type { Run } from './useRun';

/** A photo of the piece as it is at this step; a tablet opens its camera. */
export function PhotoNote({ run, step, offline, onKept }: { run: string; step: string; offline: boolean; onKept: () => void }) {
  const queries = useQueryClient();
  const input = useRef<HTMLInputElement>(null);
  const send = useMutation({
    mutationFn: (file: File) => sendBytes<Run>(`/api/runs/${run}/photos?step=${encodeURIComponent(step)}`, 'image/jpeg', file),
    onSuccess: (opened) => {
      queries.setQueryData(keys.job(run), opened);
      onKept();
    },
  });
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Button
        variant="outlined"
        sx={{ minHeight: 60, fontSize: 18 }}
        disabled={offline || send.isPending}
        onClick={() => input.current?.click()}
      >
        {offline ? 'A photo needs a connection' : send.isPending ? 'Saving photo …' : 'Add a photo'}
      </Button>
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        aria-label="Add a photo"
        hidden
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file) send.mutate(file);
        }}
      />
      {send.error && <Alert severity="error">{wrongIn(send.error)}</Alert>}
    </Box>
  );
}
