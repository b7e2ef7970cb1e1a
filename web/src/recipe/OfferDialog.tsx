import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, wrongIn } from '../api/api';
import { keys } from '../api/keys';
import { NumberEntry, TextEntry } from '../ui/Field';
import { LinkMade } from '../ui/LinkMade';

/** A finished piece that a client is to see: a recipe in the book, or a document that is only proposed. */
export type Offered = { name: string; recipe?: string; document?: unknown };

export const mostOffered = 4;

/** Makes a link by which a client sees up to four finished pieces and chooses one. */
export function OfferDialog({ looks, title: first, onClose }: { looks: readonly Offered[]; title: string; onClose: () => void }) {
  const queries = useQueryClient();
  const [title, setTitle] = useState(first);
  const [days, setDays] = useState(14);
  const make = useMutation({
    mutationFn: () => answer(api.POST('/api/offers', { body: { title, days, looks: looks as never } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.offers }),
  });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="offer">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          make.mutate();
        }}
      >
        <DialogTitle id="offer">Show the client</DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 1.5 }}>
          <div>
            The client sees {looks.length === 1 ? 'this piece' : 'these pieces'} painted, chooses one and says why. Nothing of how they are
            made is shown.
          </div>
          <Box component="ol" type="A" sx={{ m: 0, pl: 3 }}>
            {looks.map((look) => (
              <li key={look.recipe ?? look.name}>{look.name}</li>
            ))}
          </Box>
          {make.data ? (
            <LinkMade url={make.data.url} />
          ) : (
            <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 120px', gap: 1.5 }}>
              <TextEntry label="Heading" value={title} onChange={setTitle} error={wrongIn(make.error)} />
              <NumberEntry label="Open for" unit="days" value={days} whole least={1} onChange={(n) => setDays(n ?? 14)} />
            </Box>
          )}
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>{make.data ? 'Done' : 'Cancel'}</Button>
          {!make.data && (
            <Button type="submit" variant="contained" disabled={make.isPending || title.trim() === ''}>
              Create link
            </Button>
          )}
        </DialogActions>
      </form>
    </Dialog>
  );
}
