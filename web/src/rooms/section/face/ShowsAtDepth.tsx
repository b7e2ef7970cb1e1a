import Box from '@mui/material/Box';
import type { LookPreview, StepPreview } from '../../../api/api';
import { Swatch } from '../../../ui/Swatch';

type Props = { depths: LookPreview['depths']; steps: readonly StepPreview[] };

/** What shows on the flat where so much is rubbed away. */
export function ShowsAtDepth({ depths, steps }: Props) {
  return (
    <details>
      <summary>What shows when sanded through</summary>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, mt: 0.5, p: 0, display: 'grid', gap: 0.5 }}>
        {depths.map((d) => (
          <Box component="li" key={d.stepId ?? 'ground'} sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
            <Swatch colour={d.colour} />
            <Box component="span" sx={{ minWidth: 76, fontVariantNumeric: 'tabular-nums' }}>
              {d.from === 0 ? 'not sanded' : `from ${d.from.toFixed(d.from < 10 ? 1 : 0)} µm`}
            </Box>
            <span>{d.stepId === null ? 'the surface below' : (steps.find((s) => s.id === d.stepId)?.name ?? '')}</span>
          </Box>
        ))}
      </Box>
    </details>
  );
}
