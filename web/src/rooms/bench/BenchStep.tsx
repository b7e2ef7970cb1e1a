import Box from '@mui/material/Box';
import type { Preview, Recipe, StepPreview, Vocabulary } from '../../api/api';
import { Making } from '../../mix/Making';
import { coatsOf, mixOf } from '../../mix/mixes';
import { OnShelf } from '../../mix/OnShelf';
import { FaceCanvas } from '../../recipe/face/FaceCanvas';
import { useReady } from '../../recipe/face/useReady';
import { LaidOut } from '../../recipe/LaidOut';
import { bench } from '../../theme/theme';
import { Cup } from '../../ui/Cup';
import { minutes, withDeferring } from '../../ui/words';
import type { Act } from './progress';

type Props = {
  act: Act;
  document: Recipe;
  worked: StepPreview;
  preview: Preview;
  vocabulary: Vocabulary | undefined;
};

const along: Record<string, string> = { along: 'along the grain', across: 'across the grain', any: 'any direction' };

/** What is to be done, with what, and how it will look when it is right. */
export function BenchStep({ act, document, worked, preview, vocabulary }: Props) {
  const step = document.steps.find((s) => s.id === act.step);
  const stack = preview.stacks.find((s) => s.look.after.some((a) => a.stepId === act.step));
  const ready = useReady(document, stack);
  const at = stack?.look.after.findIndex((a) => a.stepId === act.step) ?? -1;
  const technique = vocabulary?.techniques.find((t) => t.key === step?.technique);
  const tool = vocabulary?.tools.find((t) => t.key === (step?.tool ?? technique?.profile.tools[0]))?.name;
  const how = [tool, step?.strokes ? along[step.strokes] : null].filter(Boolean).join(', ');
  const mix = act.pours ? mixOf(worked.pour, act.coat) : null;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: 'minmax(0, 1fr) 320px' }, gap: 2.5, alignItems: 'start' }}>
      <Box sx={{ fontSize: 21, lineHeight: 1.35, display: 'grid', gap: 1 }}>
        <Box component="h1" data-testid="act" sx={{ fontFamily: 'h1.fontFamily', fontSize: { xs: 32, sm: 42 }, lineHeight: 1.1, m: 0 }}>
          {worked.name}
          {Math.max(worked.coats, act.coat) > 1 && `, ${act.coat}${step?.repeat ? ', repeated as needed' : ` of ${worked.coats}`}`}
          {act.half && `: ${act.half}`}
        </Box>
        <Box>
          {technique?.does} {minutes(act.minutes)}
          {step?.grit ? `, grit ${step.grit}` : ''}
          {step?.dwell && act.lay === 1 ? `; dwell ${minutes(step.dwell)}` : ''}.
        </Box>
        {how && <Box>With: {how}.</Box>}
        {worked.order.length > 1 && <Box>{worked.order.join(' → ')}</Box>}
        {worked.sections && worked.sections.count !== null && worked.sections.count > 1 && worked.sections.area !== null && (
          <Box>
            Work in <b>{worked.sections.count} sections</b>, {(Math.floor(100 * worked.sections.area) / 100).toFixed(2)} m² each or less.
          </Box>
        )}
        {worked.pour && mix && (
          <Box>
            {mix.batch.lines.map((l) => (
              <Box key={l.materialId} sx={{ fontSize: 26 }}>
                <b>{l.how ?? l.amount.text}</b> {l.name}
              </Box>
            ))}
            {mix.coats.length > 1 && worked.pour.taken[act.coat - 1] && (
              <Box>
                Covers {mix.coats.length === 2 ? 'both' : `all ${mix.coats.length}`} coats; about{' '}
                <b>{worked.pour.taken[act.coat - 1]?.text}</b> for this one.
              </Box>
            )}
            {worked.pour.mixes.length > 1 && (
              <Box>Fresh for {coatsOf(mix)}: what is left of the batch before is past its pot life by then.</Box>
            )}
            <OnShelf pots={worked.pour.pots} need={worked.pour.need} />
            <Making steps={worked.pour.making} />
          </Box>
        )}
        {worked.layout && <LaidOut layout={worked.layout} />}
        {step?.note && <Box sx={{ fontStyle: 'italic' }}>{step.note}</Box>}
        {withDeferring(worked.cautions).map((c) => (
          <Box key={c} sx={{ borderLeft: '6px solid', pl: 1.5 }}>
            <b>Caution.</b> {c}
          </Box>
        ))}
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        {mix?.cup && mix.batch.lines.length > 1 && (
          <Box sx={{ bgcolor: bench.paper, color: bench.ink, borderRadius: 1, p: 1 }}>
            <Cup cup={mix.cup} colours={mix.batch.lines.map((l) => l.colour)} height={210} />
          </Box>
        )}
        {ready && at > 0 && (
          <Box>
            <FaceCanvas ready={ready} at={at} eyes="usual" label={`Preview after ${worked.name}`} />
            <Box sx={{ fontSize: 16 }}>Expected result when dry</Box>
          </Box>
        )}
      </Box>
    </Box>
  );
}
