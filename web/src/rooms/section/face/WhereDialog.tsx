import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQuery } from '@tanstack/react-query';
import { answer, api, Problem, type Recipe } from '../../../api/api';
import type { components } from '../../../api/api.gen';
import { keys } from '../../../api/keys';
import { BestSoFar } from '../../../ui/BestSoFar';
import { Swatch } from '../../../ui/Swatch';
import { minutes } from '../../../ui/words';

export type Move = components['schemas']['WhereMove'];
type Props = { document: Recipe; done: string | null; doneName: string; onTake: (move: Move) => void; onClose: () => void };

const zones = { field: 'flat', edge: 'edges', recess: 'recesses', pore: 'pores' } as const;

const offOf = (o: { zone: keyof typeof zones; deltaE: number }) =>
  `${zones[o.zone]} ${o.deltaE <= 2 ? 'on target' : `off by ΔE ${o.deltaE.toFixed(1)}`}`;

/**
 * In the middle of a job: the next moves that lead to the target, with the look after each, what it buries, how much and how long; or to
 * stop.
 */
export function WhereDialog({ document, done, doneName, onTake, onClose }: Props) {
  const asked = useQuery({
    queryKey: keys.calculation('next step', JSON.stringify([document, done])),
    queryFn: () => answer(api.POST('/api/compute/next-step', { body: { document, done } })),
    retry: false,
    gcTime: 0,
  });
  const error = asked.error instanceof Problem ? (asked.error.violations[0]?.message ?? asked.error.message) : asked.error?.message;
  const where = asked.data;
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="where">
      <DialogTitle id="where">Next step suggestion</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2, lineHeight: 1.4 }} data-testid="where">
        {error && <Alert severity="info">{error}</Alert>}
        {asked.isPending && <Box aria-busy="true">Trying paints and waxes from your shelf …</Box>}
        {where && (
          <Box>
            <b>
              {where.part}, {doneName}:
            </b>{' '}
            {where.now.map((o) => `${zones[o.zone]} ${o.inWords}`).join('; ')}.
          </Box>
        )}
        {where?.stop && <Alert severity="success">On target. You can stop here.</Alert>}
        {where && !where.stop && where.moves.length === 0 && <Alert severity="info">Nothing on your shelf gets closer.</Alert>}
        {where && <BestSoFar complete={where.complete} />}
        {where?.moves.map((move, i) => (
          <Box
            key={i}
            sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr auto', gap: 2, borderTop: 1, borderColor: 'divider', pt: 1.5 }}
          >
            <Box sx={{ display: 'flex' }}>
              {move.zones.map((z) => (
                <Swatch key={z.zone} colour={z.colour} size={44} title={`${zones[z.zone]} ${z.colour}`} />
              ))}
            </Box>
            <Box>
              {move.steps.map((step, k) => (
                <div key={k}>
                  <b>
                    {k > 0 && 'then '}
                    {k > 0 ? step.name.toLowerCase() : step.name}
                  </b>
                  : {step.says}
                  {step.need && ` · ${step.need.text}`}
                  {step.recoat !== null && `, recoat after ${minutes(step.recoat)}`}
                </div>
              ))}
              <Box sx={{ color: 'text.secondary' }}>
                {move.off.map(offOf).join(', ')} · {minutes(move.handsOn)} hands-on
              </Box>
              {move.softens && <Box sx={{ color: 'secondary.main' }}>It {move.softens}.</Box>}
              {move.buries.length > 0 && <Box sx={{ color: 'secondary.main' }}>Hides {move.buries.map((b) => `“${b}”`).join(', ')}.</Box>}
            </Box>
            <Button variant={i === 0 ? 'contained' : 'outlined'} onClick={() => onTake(move)} sx={{ alignSelf: 'center' }}>
              Use this
            </Button>
          </Box>
        ))}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
      </DialogActions>
    </Dialog>
  );
}
