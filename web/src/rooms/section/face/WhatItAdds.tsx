import Box from '@mui/material/Box';
import type { LookPreview, StepPreview } from '../../../api/api';
import { useFigures } from '../../../ui/figures';
import { difference, withoutDeltaE } from '../../../ui/figureWords';
import { Swatch } from '../../../ui/Swatch';
import { percent } from '../../../ui/words';

const zones = { field: 'flat areas', edge: 'edges', recess: 'recesses', pore: 'pores' } as const;

/** How much duller the middle of a blend is than its ends. */
function muddy(mud: number): string {
  if (mud < 3) return 'clear';
  return mud < 10
    ? `a little duller, ${mud.toFixed(0)} less chroma`
    : `muddy, ${mud.toFixed(0)} less chroma. A clear band in between keeps it clean`;
}

type Props = { look: LookPreview; stepId: string; steps: readonly StepPreview[]; last: boolean };

/** What a step adds to the look and what is left of it in the end; whether it hides; and how the finish ages. */
export function WhatItAdds({ look, stepId, steps, last }: Props) {
  const [figures] = useFigures();
  const apart = (deltaE: number) => (figures ? `by ΔE ${deltaE.toFixed(1)}` : `(${difference(deltaE)})`);
  const effect = look.effects.find((e) => e.stepId === stepId);
  const hides = look.hides.find((h) => h.stepId === stepId);
  const by = steps.find((s) => s.id === effect?.buriedBy);
  const aged = last ? look.ages.find((a) => a.zone === 'field' && a.years === 5 && a.deltaE >= 0.5) : undefined;
  const blend = look.blends.find((b) => b.stepId === stepId);
  if (!effect && !hides && !aged && !blend) return null;
  return (
    <Box data-testid="adds" sx={{ borderLeft: 3, borderColor: effect?.lost ? 'secondary.main' : 'primary.main', pl: 1, lineHeight: 1.35 }}>
      {effect && (
        <div>
          Changes {zones[effect.zone]} {apart(effect.most)}
          {effect.remains >= effect.most - 0.05
            ? ' and stays visible'
            : figures
              ? `; ${effect.remains.toFixed(1)} remains in the finished piece`
              : `; in the finished piece: ${difference(effect.remains)}`}
          {effect.lost && by ? `: buried by “${by.name}”` : ''}.
        </div>
      )}
      {hides && (
        <div>
          {hides.off <= 1
            ? 'Hides the surface below.'
            : `Surface below shows ${apart(hides.off)}${hides.coats === null ? '.' : `; ${hides.coats} coats hide it.`}`}
        </div>
      )}
      {blend && (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
          <Swatch colour={blend.middle} />
          <span>
            Where they meet (1:1): {muddy(blend.mud)}. It fades out between {percent(blend.from)} and {percent(blend.to)} of the way{' '}
            {blend.way === 'in' ? 'in from the edges' : 'down'}.
          </span>
        </Box>
      )}
      {aged && <div>After five years, flat areas: {figures ? aged.inWords : withoutDeltaE(aged.inWords)}.</div>}
    </Box>
  );
}
