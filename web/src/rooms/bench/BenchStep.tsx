import Box from '@mui/material/Box';
import { type ReactNode, useMemo } from 'react';
import type { Preview, Recipe, StepPreview, Vocabulary } from '../../api/api';
import { Making } from '../../mix/Making';
import { coatsOf, mixOf } from '../../mix/mixes';
import { OnShelf } from '../../mix/OnShelf';
import { BlendColours, coloursOf } from '../../recipe/BlendColours';
import { documentId } from '../../recipe/edits';
import { FaceCanvas } from '../../recipe/face/FaceCanvas';
import { isDrawn, PreviewedPiece } from '../../recipe/face/PaintedPiece';
import { useReady } from '../../recipe/face/useReady';
import { LaidOut } from '../../recipe/LaidOut';
import { howWords, placeWords } from '../../recipe/placeWords';
import { bench } from '../../theme/theme';
import { Cup } from '../../ui/Cup';
import { roughArea } from '../../ui/measures';
import { useSystem } from '../../ui/useSystem';
import { minutes, withDeferring } from '../../ui/words';
import type { Act } from './progress';

type Props = {
  act: Act;
  /** Those that come after it. */
  next: readonly Act[];
  document: Recipe;
  /** Missing while it was only noted on this device. */
  worked: StepPreview | undefined;
  preview: Preview;
  vocabulary: Vocabulary | undefined;
  /** What runs, below what is to be done. */
  timers: ReactNode;
};

/** The parts a step is done to, where they are not all or none. */
function partsOf(step: string, document: Recipe, preview: Preview): ReadonlySet<string> | undefined {
  const own = preview.stacks.filter((s) => s.look.after.some((a) => a.stepId !== null && documentId(a.stepId) === documentId(step)));
  const parts = new Set(own.flatMap((s) => s.places.map((p) => p.split(':')[0] ?? p)));
  return parts.size === 0 || parts.size === document.piece.parts.length ? undefined : parts;
}

/** What is to be done, with what, and how it will look when it is right. */
export function BenchStep({ act, next, document, worked, preview, vocabulary, timers }: Props) {
  const system = useSystem();
  const step = document.steps.find((s) => s.id === documentId(act.step));
  const stack = preview.stacks.find((s) => s.look.after.some((a) => a.stepId === act.step));
  const ready = useReady(document, stack);
  const at = stack?.look.after.findLastIndex((a) => a.stepId !== null && documentId(a.stepId) === act.step) ?? -1;
  const technique = vocabulary?.techniques.find((t) => t.key === step?.technique);
  const how = step && vocabulary ? howWords(step, worked, vocabulary) : '';
  const where = step && vocabulary ? placeWords(step, vocabulary) : '';
  const mix = act.pours && worked ? mixOf(worked.pour, act.coat) : null;
  const name = worked?.name ?? (step?.title || technique?.name) ?? '';
  const coats = worked?.coats ?? step?.coats ?? 1;
  const lit = useMemo(() => partsOf(act.step, document, preview), [act.step, document, preview]);
  const nameOf = (a: Act) => preview.steps.find((s) => s.id === a.step)?.name ?? '';
  const colours = coloursOf(step, preview.steps);
  return (
    <Box
      sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: 'minmax(0, 1fr) minmax(260px, 36%)' }, gap: 2.5, alignItems: 'start' }}
    >
      <Box sx={{ fontSize: 21, lineHeight: 1.35, display: 'grid', gap: 1 }}>
        <Box component="h1" data-testid="act" sx={{ fontFamily: 'h1.fontFamily', fontSize: { xs: 32, sm: 42 }, lineHeight: 1.1, m: 0 }}>
          {name}
          {Math.max(coats, act.coat) > 1 && `, ${act.coat}${step?.repeat ? ', repeated as needed' : ` of ${coats}`}`}
          {act.half && `: ${act.half}`}
        </Box>
        <Box>
          {technique?.does} {act.minutes > 0 && minutes(act.minutes)}
          {step?.grit ? `, grit ${step.grit}` : ''}
          {step?.dwell && act.lay === 1 ? `; dwell ${minutes(step.dwell)}` : ''}.
        </Box>
        {how && <Box sx={{ fontSize: 26, fontWeight: 650 }}>{how}</Box>}
        {where && (
          <Box data-testid="where" sx={{ fontSize: 26, fontWeight: 650 }}>
            {where}
          </Box>
        )}
        {!worked && <Box>Noted on this device: worked out when the program answers.</Box>}
        {worked && worked.order.length > 1 && <Box>{worked.order.join(' → ')}</Box>}
        {worked?.sections && worked.sections.count !== null && worked.sections.count > 1 && worked.sections.area !== null && (
          <Box>
            Work in <b>{worked.sections.count} sections</b>, {roughArea(worked.sections.area, system)} each or less.
          </Box>
        )}
        {worked?.pour && mix && (
          <Box>
            {step && <BlendColours step={step} colours={colours} size={26} />}
            {(colours.length > 0 ? [] : mix.batch.lines).map((l) => (
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
        {worked?.layout && <LaidOut layout={worked.layout} />}
        {step?.note && <Box sx={{ fontStyle: 'italic' }}>{step.note}</Box>}
        {withDeferring(worked?.cautions ?? []).map((c) => (
          <Box key={c} sx={{ borderLeft: '6px solid', pl: 1.5 }}>
            <b>Caution.</b> {c}
          </Box>
        ))}
        {timers}
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        {mix?.cup && mix.batch.lines.length > 1 && (
          <Box sx={{ bgcolor: bench.paper, color: bench.ink, borderRadius: 1, p: 1 }}>
            <Cup cup={mix.cup} colours={mix.batch.lines.map((l) => l.colour)} height={150} />
          </Box>
        )}
        {isDrawn(document, preview) ? (
          <PreviewedPiece
            document={document}
            preview={preview}
            after={documentId(act.step)}
            lit={lit}
            label={`The piece after ${name}`}
            width={420}
            height={250}
          />
        ) : (
          ready &&
          at > 0 && (
            <Box sx={{ maxWidth: 330 }}>
              <FaceCanvas ready={ready} at={at} eyes="usual" label={`Preview after ${name}`} />
            </Box>
          )
        )}
        {at > 0 && <Box sx={{ fontSize: 17 }}>Expected when dry{lit ? '. Framed: what this step is done to.' : ''}</Box>}
        {next.length > 0 && (
          <Box component="ol" aria-label="What comes next" sx={{ m: 0, p: 0, listStyle: 'none', fontSize: 19 }} data-testid="next-acts">
            {next.map((a, i) => (
              <li key={`${a.step} ${a.coat} ${a.lay}`}>
                {i === 0 ? 'Next: ' : 'Then: '}
                <b>{nameOf(a)}</b>
                {a.half && `: ${a.half}`}
                {a.minutes > 0 && `, ${minutes(a.minutes)}`}
              </li>
            ))}
          </Box>
        )}
      </Box>
    </Box>
  );
}
