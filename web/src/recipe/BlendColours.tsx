import Box from '@mui/material/Box';
import type { Step, StepPreview } from '../api/api';
import { documentId } from './edits';

/** The colours of a blend as the preview has them, in their order along the way; none where a step is no blend. */
export function coloursOf(step: Step | undefined, steps: readonly StepPreview[]): readonly StepPreview[] {
  return step?.colours?.length ? steps.filter((s) => documentId(s.id) === step.id) : [];
}

/** The colours of a blend, each with its place and what is measured for it. */
export function BlendColours({ step, colours, size }: { step: Step; colours: readonly StepPreview[]; size: number }) {
  const places = [step.at ?? 0, ...(step.colours ?? []).map((c) => c.at)].sort((a, b) => a - b);
  return colours.map((c, i) => (
    <Box key={c.id} sx={{ my: 0.5 }}>
      {along(places[i] ?? 0)}: <b>{c.pour?.name ?? c.name}</b>
      {c.pour?.mixes[0]?.batch.lines.map((l) => (
        <Box key={l.materialId} sx={{ fontSize: size }}>
          <b>{l.how ?? l.amount.text}</b> {l.name}
        </Box>
      ))}
    </Box>
  ));
}

function along(place: number): string {
  if (place < 0.03) return 'At the start';
  if (place > 0.97) return 'At the end';
  return Math.abs(place - 0.5) < 0.03 ? 'Half way' : `${Math.round(100 * place)} % of the way`;
}
