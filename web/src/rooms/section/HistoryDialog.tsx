import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, type Recipe, type RecipeResponse } from '../../api/api';
import { keys } from '../../api/keys';
import { ChangeList } from '../../recipe/ChangeList';
import { Choice } from '../../ui/Field';
import { day } from '../../ui/words';

/** The revisions with their reasons; any two, or one and the draft, compared in words. */
export function HistoryDialog({
  opened,
  onClose,
  onTake,
}: {
  opened: RecipeResponse;
  onClose: () => void;
  onTake: (document: Recipe) => void;
}) {
  const newest = opened.revisions[0]?.number;
  const [from, setFrom] = useState(String(opened.revisions[1]?.number ?? newest ?? 'draft'));
  const [to, setTo] = useState(opened.revisions.length > 1 ? String(newest) : 'draft');
  const { data, error } = useQuery({
    queryKey: keys.recipeOf(opened.id, 'comparison', from, to, opened.version),
    queryFn: () => answer(api.GET('/api/recipes/{id}/compare', { params: { path: { id: opened.id }, query: { from, to } } })),
    enabled: opened.revisions.length > 0,
    staleTime: 0,
  });
  const options: [string, string][] = [
    ...opened.revisions.map((r) => [String(r.number), `Revision ${r.number}`] as [string, string]),
    ['draft', 'The draft'],
  ];
  const take = async (number: number) => {
    onTake((await answer(api.GET('/api/recipes/{id}/revisions/{number}', { params: { path: { id: opened.id, number } } }))).document);
    onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="history">
      <DialogTitle id="history">Revisions</DialogTitle>
      <DialogContent>
        {opened.revisions.length > 0 && <p>Loading a revision replaces the draft. Undo brings the draft back.</p>}
        {opened.revisions.length === 0 && <p>No revisions yet. “Save revision” creates the first.</p>}
        {opened.revisions.map((r) => (
          <Box
            key={r.number}
            sx={{
              display: 'grid',
              gridTemplateColumns: '44px 100px 1fr auto',
              gap: 1.5,
              alignItems: 'center',
              py: 0.5,
              borderBottom: 1,
              borderColor: 'divider',
            }}
          >
            <Box sx={{ fontFamily: 'h1.fontFamily', fontWeight: 650, fontSize: 20 }}>{r.number}</Box>
            <span>{day(r.publishedAt)}</span>
            <span>{r.reason}</span>
            <Button onClick={() => void take(r.number)}>Load into draft</Button>
          </Box>
        ))}
        {opened.revisions.length > 0 && (
          <>
            <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 2, mt: 3 }}>
              <Choice label="From" value={from} options={options} onChange={setFrom} />
              <Choice label="To" value={to} options={options} onChange={setTo} />
            </Box>
            {error ? <p>{error.message}</p> : <ChangeList changes={data?.changes} />}
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
