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
import { nameOf } from '../../../recipe/edits';
import { BestSoFar } from '../../../ui/BestSoFar';
import { Choice } from '../../../ui/Field';
import { Swatch } from '../../../ui/Swatch';
import { SolveChart } from './SolveChart';

export type Rung = components['schemas']['SolveRung'];
type Props = { document: Recipe; step: Step; target: Recipe['target']; onTake: (rung: Rung) => void; onClose: () => void };

const zoneKeys = ['field', 'edge', 'recess', 'pore'] as const;
const zoneWords = { field: 'flat areas', edge: 'edges', recess: 'recesses', pore: 'pores' } as const;

/** Which part one varies, if nobody says: the thinner, or what was added last. */
function usualPart(document: Recipe, parts: Recipe['mixes'][number]['parts']): number {
  const thinner = parts.findIndex((p) => document.materials.find((m) => m.id === p.of.material)?.kind === 'thinner');
  return thinner < 0 ? parts.length - 1 : thinner;
}

/** How much of one part is to go into a step's mix to end nearest the target: the whole ladder, and one press to take a rung. */
export function SolveDialog({ document, step, target, onTake, onClose }: Props) {
  const [chosen, setChosen] = useState<Rung | null>(null);
  const parts = document.mixes.find((m) => m.id === step.uses?.mix)?.parts ?? [];
  const zones = zoneKeys.filter((z) => target?.[z]);
  const [zone, setZone] = useState(zones[0] ?? 'field');
  const [vary, setVary] = useState<number | null>(null);
  const [place, setPlace] = useState('');
  const wanted = target?.[zone] ?? '';
  const body = { document, step: step.id, target: wanted, zone, vary, place: place === '' ? null : place };
  const asked = <T,>(set: (to: T) => void) => {
    return (to: T) => {
      setChosen(null);
      set(to);
    };
  };
  const repairs = document.piece.parts.flatMap((p) =>
    (p.fields ?? []).map((f) => [`${p.id}:${f.face ?? p.shape?.faces[0] ?? 'whole'}.${f.id}`, `${p.name}, ${f.name}`] as const),
  );
  const solved = useQuery({
    queryKey: keys.calculation('mix-for-colour', JSON.stringify(body)),
    queryFn: () => answer(api.POST('/api/compute/mix-for-colour', { body })),
    retry: false,
    gcTime: 0,
  });
  const error = solved.error instanceof Problem ? (solved.error.violations[0]?.message ?? solved.error.message) : solved.error?.message;
  const rung = chosen ?? solved.data?.best;
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="solve">
      <DialogTitle id="solve">Mix for the target</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr 1fr' }, gap: 1.5, pt: 1 }}>
          <Choice
            label="Change how much there is of"
            value={String(vary ?? usualPart(document, parts))}
            options={parts.map((p, i) => [String(i), nameOf(document, p.of)] as const)}
            onChange={asked((i: string) => setVary(Number(i)))}
          />
          <Choice
            label="Until it looks right on"
            value={zone}
            options={zones.map((z) => [z, zoneWords[z]] as const)}
            onChange={asked(setZone)}
          />
          {(document.piece.parts.length > 1 || repairs.length > 0) && (
            <Choice
              label="On which part"
              value={place}
              options={[['', 'the largest part'] as const, ...document.piece.parts.map((p) => [p.id, p.name] as const), ...repairs]}
              onChange={asked(setPlace)}
            />
          )}
        </Box>
        {error && <Alert severity="info">{error}</Alert>}
        {solved.isPending && <Box aria-busy="true">Trying ratios …</Box>}
        {solved.data && rung && (
          <>
            <BestSoFar complete={solved.data.complete} />
            <SolveChart rungs={solved.data.rungs} chosen={rung} onChoose={setChosen} />
            <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', fontSize: 18 }} data-testid="rung">
              <Swatch colour={wanted} size={44} title="target" />
              <Swatch colour={rung.colour} size={44} title="finished" />
              <span>
                <b>
                  {rung.said}, {rung.coats} {rung.coats === 1 ? 'coat' : 'coats'}
                </b>
                : {rung.inWords}
                {rung.over && '. More than the label allows: seal it afterwards'}
              </span>
            </Box>
            <Box sx={{ color: 'text.secondary' }}>
              {solved.data.part}, {zoneWords[solved.data.zone]}, after the last step. The ratio is all the rest to {solved.data.varies}.
            </Box>
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" disabled={!rung} onClick={() => rung && onTake(rung)}>
          Use this mix
        </Button>
      </DialogActions>
    </Dialog>
  );
}
