import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api } from '../../api/api';
import { keys } from '../../api/keys';
import { useRunWork } from '../../log/useBench';
import { ChangeList } from '../../recipe/ChangeList';
import { bench } from '../../theme/theme';
import { NumberEntry } from '../../ui/Field';

const zones = ['flat areas', 'edges', 'recesses', 'pores'];

/** Before it is done again: what was learned, what has changed since, what is left in pots, and what to hold it against. */
export function Again({ run, recipe, onClose }: { run: string; recipe: string; onClose: () => void }) {
  const navigate = useNavigate();
  const { put } = useRunWork();
  const [count, setCount] = useState<number | null>(null);
  const { data, error } = useQuery({
    queryKey: keys.job(run, 'repeat-check'),
    queryFn: () => answer(api.GET('/api/runs/{id}/repeat-check', { params: { path: { id: run } } })),
    staleTime: 0,
  });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="again">
      <DialogTitle id="again">Repeat this job</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        {(error ?? put.error) && <Alert severity="error">{(error ?? put.error)?.message}</Alert>}
        {data && (
          <>
            {data.lesson && (
              <Box>
                <b>Lesson:</b> {data.lesson}
              </Box>
            )}
            <Box>
              <Typography variant="h3">Changes since then</Typography>
              {data.recipe.length === 0 && data.materials.length === 0 && !data.air && <p>No known changes</p>}
              {data.recipe.length > 0 && <ChangeList changes={data.recipe} />}
              {data.materials.map((words) => (
                <Box key={words} sx={{ py: 0.5 }}>
                  {words}
                </Box>
              ))}
              {data.air && <Box sx={{ py: 0.5 }}>{data.air}</Box>}
            </Box>
            <Box sx={{ maxWidth: 240 }}>
              <NumberEntry label="Number" value={count} least={1} whole emptyAllowed placeholder="same as before" onChange={setCount} />
            </Box>
            {data.pots.length > 0 && (
              <Box>
                <Typography variant="h3">Use first (in stock)</Typography>
                {data.pots.map((p) => (
                  <Box key={`${p.id} ${p.step}`}>
                    <Link to={`/shelf/pots/${p.id}`}>{p.name}</Link>: {p.holds}, for “{p.step}”
                  </Box>
                ))}
              </Box>
            )}
            <Box data-testid="match-card">
              <Typography variant="h3">Compare with</Typography>
              <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, mt: 1 }}>
                {data.looked.map((colour) => (
                  <Card key={`seen ${colour}`} colour={colour} says="seen last time" />
                ))}
                {data.expected.map((colour, i) => (
                  <Card key={`${zones[i]} ${colour}`} colour={colour} says={`${zones[i]}, calculated`} />
                ))}
              </Box>
            </Box>
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
        <Button
          variant="contained"
          disabled={!data || put.isPending}
          onClick={() => put.mutate({ recipe, ...(count === null ? {} : { count }) }, { onSuccess: () => void navigate('/days') })}
        >
          Start job
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function Card({ colour, says }: { colour: string; says: string }) {
  return (
    <Box sx={{ textAlign: 'center' }}>
      <Box sx={{ width: 132, height: 92, bgcolor: colour, border: `1px solid ${bench.ink}` }} />
      {says}
    </Box>
  );
}
