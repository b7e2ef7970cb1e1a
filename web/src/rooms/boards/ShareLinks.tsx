import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, type BoardResponse, wrongIn } from '../../api/api';
import { keys } from '../../api/keys';
import { bench } from '../../theme/theme';
import { NumberEntry } from '../../ui/Field';
import { LinkMade } from '../../ui/LinkMade';
import { day } from '../../ui/words';
import { useBoardWork } from './useBoards';

/** Links for clients: made, shown once, closed; and what was chosen by them. */
export function ShareLinks({ board, onFollow }: { board: BoardResponse; onFollow: (patch: string, share: string) => void }) {
  const queries = useQueryClient();
  const [days, setDays] = useState(14);
  const { close } = useBoardWork(board.id);
  const make = useMutation({
    mutationFn: () => answer(api.POST('/api/boards/{id}/shares', { params: { path: { id: board.id } }, body: { days } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.board(board.id) }),
  });
  return (
    <Box sx={{ display: 'grid', gap: 1.25 }}>
      <Typography variant="h3" component="h2">
        Client link
      </Typography>
      <Box sx={{ color: 'text.secondary' }}>
        Clients see the patches, photos and variables, nothing else. They can choose once and comment.
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '120px auto', gap: 1, alignItems: 'end', justifyContent: 'start' }}>
        <NumberEntry
          label="Open for"
          unit="days"
          value={days}
          whole
          least={1}
          onChange={(n) => setDays(n ?? 14)}
          error={wrongIn(make.error)}
        />
        <Button variant="contained" disabled={make.isPending} onClick={() => make.mutate()}>
          Create link
        </Button>
      </Box>
      {make.data && <LinkMade url={make.data.url} />}
      <Box component="ul" data-testid="shares" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {board.shares.map((s) => (
          <Box
            component="li"
            key={s.id}
            sx={{ borderTop: `1px solid ${bench.line}`, py: 0.75, display: 'flex', gap: 1, alignItems: 'center' }}
          >
            <Box sx={{ flex: 1 }}>
              {s.patch ? (
                <>
                  <b>{s.patch}</b> chosen {s.chosenAt && day(s.chosenAt)}
                  {s.comment && <Box>“{s.comment}”</Box>}
                </>
              ) : (
                `created ${day(s.createdAt)}, nothing chosen yet`
              )}
              <Box sx={{ color: 'text.secondary' }}>{s.open ? `open until ${day(s.expiresAt)}` : 'closed'}</Box>
            </Box>
            {s.patch && !board.chosen && (
              <Button title="Opens the patch, so you can apply it to the recipe" onClick={() => s.patch && onFollow(s.patch, s.id)}>
                Use this choice
              </Button>
            )}
            {s.open && (
              <Button color="secondary" onClick={() => close.mutate(s.id)}>
                Close
              </Button>
            )}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
