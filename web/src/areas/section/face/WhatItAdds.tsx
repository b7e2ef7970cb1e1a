import Box from '@mui/material/Box';
import type { LookPreview, StepPreview } from '../../../app/api';
import { Swatch } from '../../../shared/Swatch';
import { percent } from '../../../shared/words';

const zones = { field: 'on the flat', edge: 'on edges', recess: 'in recesses', pore: 'in pores' } as const;

/** How much duller the middle of a blend is than its ends. */
function muddy(mud: number): string {
  if (mud < 3) return 'as clear as they are';
  return mud < 10
    ? `a little duller (by ${mud.toFixed(0)} of chroma)`
    : `muddy (by ${mud.toFixed(0)} of chroma): a band of clear colour between them keeps it clean`;
}

type Props = { look: LookPreview; stepId: string; steps: readonly StepPreview[]; last: boolean };

/** What a step adds to the look and what is left of it in the end; whether it hides; and how the finish ages. */
export function WhatItAdds({ look, stepId, steps, last }: Props) {
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
          Makes ΔE {effect.most.toFixed(1)} {zones[effect.zone]}
          {effect.remains < effect.most - 0.05 ? `; in the end ${effect.remains.toFixed(1)} of it is left` : ', and keeps it to the end'}
          {effect.lost && by ? `: “${by.name}” buries it` : ''}.
        </div>
      )}
      {hides && (
        <div>
          {hides.off <= 1
            ? 'Hides what lies beneath.'
            : `Lets through ΔE ${hides.off.toFixed(1)} of what lies beneath${hides.coats === null ? '.' : `; ${hides.coats} coats hide it.`}`}
        </div>
      )}
      {blend && (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
          <Swatch colour={blend.middle} />
          <span>
            Where the two meet, one part of each: {muddy(blend.mud)}. It runs out between {percent(blend.from)} and {percent(blend.to)} of
            the way {blend.way === 'in' ? 'in from the rim' : 'down'}.
          </span>
        </Box>
      )}
      {aged && <div>After five years the flat has turned: {aged.inWords}.</div>}
    </Box>
  );
}
