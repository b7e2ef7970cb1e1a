import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { answer, api, wrongIn } from '../../api/api';
import { keys } from '../../api/keys';
import { bench } from '../../theme/theme';
import { TextEntry } from '../../ui/Field';
import { Loading, Notice } from '../../ui/Notice';
import { day } from '../../ui/words';
import { BoardGrid } from './BoardGrid';

/** What a client sees who has a link: the board, each patch large, and one choice. */
export default function GuestLook() {
  const { secret = '' } = useParams();
  const queries = useQueryClient();
  const [selected, setSelected] = useState<string | null>(null);
  const [comment, setComment] = useState('');
  const look = useQuery({
    queryKey: keys.clientBoard(secret),
    queryFn: () => answer(api.GET('/api/looks/{secret}', { params: { path: { secret } } })),
    retry: false,
  });
  const choose = useMutation({
    mutationFn: (patch: string) =>
      answer(api.POST('/api/looks/{secret}/choice', { params: { path: { secret } }, body: { patch, comment } })),
    onSuccess: (board) => queries.setQueryData(keys.clientBoard(secret), board),
  });
  if (look.error) {
    return (
      <Notice title="This link has expired">
        <p>{wrongIn(look.error)}</p>
      </Notice>
    );
  }
  if (!look.data) return <Loading what="the board" />;
  const board = look.data;
  const patch = board.patches.find((p) => p.label === (selected ?? board.chosen)) ?? board.patches[0];
  return (
    <Box component="main" sx={{ maxWidth: 1180, mx: 'auto', p: { xs: 2, md: 3 } }}>
      <Typography variant="h1">{board.title}</Typography>
      <Box sx={{ color: 'text.secondary', mb: 2 }}>
        Look at the patches and choose the one you like. Screens change colours: ask to see the board itself. This page is open until{' '}
        {day(board.openUntil)}.
      </Box>
      <Box sx={{ mb: 1 }}>
        <b>{board.columns.name}</b>
        {board.rows && (
          <>
            , rows: <b>{board.rows.name}</b>
          </>
        )}
      </Box>
      {board.chosen && (
        <Alert severity="success" sx={{ mb: 2, fontSize: 17 }}>
          You have chosen <b>{board.chosen}</b>
          {board.comment && <>: “{board.comment}”</>}. The studio sees it.
        </Alert>
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: { md: '1fr 1fr' }, gap: 3, alignItems: 'start' }}>
        <BoardGrid
          cells={board.patches.map((p) => ({
            ...p,
            colour: p.colour ?? null,
            ...(p.label === board.chosen ? { mark: 'chosen' } : {}),
          }))}
          columns={board.columns.heads}
          rows={board.rows?.heads ?? null}
          wood={bench.pine}
          selected={patch?.label ?? null}
          onSelect={setSelected}
        />
        {patch && (
          <Box aria-live="polite" sx={{ display: 'grid', gap: 1.5 }}>
            <Box
              sx={{
                height: 260,
                bgcolor: patch.colour ?? bench.white,
                border: `1px solid ${bench.ink}`,
                display: 'grid',
                placeItems: 'center',
              }}
            >
              {!patch.colour && <span>no colour yet</span>}
            </Box>
            <Typography variant="h2">{patch.label}</Typography>
            <Box sx={{ fontSize: 17 }}>{patch.says.join(' · ')}</Box>
            {patch.photos.map((n) => (
              <img
                key={n}
                src={`/api/looks/${secret}/patches/${patch.label}/photos/${n}`}
                alt={`${patch.label}, number ${n + 1}`}
                style={{ width: '100%' }}
              />
            ))}
            {!board.chosen && (
              <>
                <TextEntry label="Comment (optional)" value={comment} onChange={setComment} multiline error={wrongIn(choose.error)} />
                <Button variant="contained" size="large" disabled={choose.isPending} onClick={() => choose.mutate(patch.label)}>
                  Choose {patch.label}
                </Button>
                <Box sx={{ color: 'text.secondary' }}>You can only choose once.</Box>
              </>
            )}
          </Box>
        )}
      </Box>
    </Box>
  );
}
