import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, Problem, type Recipe, type Step } from '../../../api/api';
import type { components } from '../../../api/api.gen';
import { keys } from '../../../api/keys';
import { BestSoFar } from '../../../ui/BestSoFar';
import { Swatch } from '../../../ui/Swatch';
import { SolveChart } from './SolveChart';

export type Rung = components['schemas']['SolveRung'];
type Props = { document: Recipe; step: Step; target: string; onTake: (rung: Rung) => void; onClose: () => void };

/** How far a step is to be thinned, and how often laid, to end nearest the target: the whole ladder, and one press to take a rung. */
export function SolveDialog({ document, step, target, onTake, onClose }: Props) {
  const [chosen, setChosen] = useState<Rung | null>(null);
  const solved = useQuery({
    queryKey: keys.calculation('thinning', JSON.stringify([document, step.id, target])),
    queryFn: () => answer(api.POST('/api/compute/thinning', { body: { document, step: step.id, target } })),
    retry: false,
    gcTime: 0,
  });
  const error = solved.error instanceof Problem ? (solved.error.violations[0]?.message ?? solved.error.message) : solved.error?.message;
  const rung = chosen ?? solved.data?.best;
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="solve">
      <DialogTitle id="solve">Thinning for the target</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        {error && <Alert severity="info">{error}</Alert>}
        {solved.isPending && <Box aria-busy="true">Trying ratios …</Box>}
        {solved.data && rung && (
          <>
            <BestSoFar complete={solved.data.complete} />
            <SolveChart rungs={solved.data.rungs} chosen={rung} onChoose={setChosen} />
            <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', fontSize: 18 }} data-testid="rung">
              <Swatch colour={target} size={44} title="target" />
              <Swatch colour={rung.colour} size={44} title="finished" />
              <span>
                <b>
                  {rung.said}, {rung.coats} {rung.coats === 1 ? 'coat' : 'coats'}
                </b>
                : {rung.inWords}
                {rung.over && '. More than the label allows: seal it afterwards'}
              </span>
            </Box>
            <Box sx={{ color: 'text.secondary' }}>Flat areas of {solved.data.part}, after the last step.</Box>
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" disabled={!rung} onClick={() => rung && onTake(rung)}>
          Use this thinning
        </Button>
      </DialogActions>
    </Dialog>
  );
}
