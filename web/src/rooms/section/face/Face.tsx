import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { memo, useEffect, useRef, useState } from 'react';
import type { Material, Preview, Recipe, StackPreview } from '../../../api/api';
import { documentId } from '../../../recipe/edits';
import { FaceCanvas } from '../../../recipe/face/FaceCanvas';
import { isDrawn, PreviewedPiece, pictureOf } from '../../../recipe/face/PaintedPiece';
import { canvasOf, type Ready } from '../../../recipe/face/paint';
import { useReady } from '../../../recipe/face/useReady';
import { type Eyes, eyes } from '../../../recipe/face/vision';
import { doneAfter, paintingOf } from '../../../recipe/painting';
import { bench, heardOnly } from '../../../theme/theme';
import { useOffer } from '../../../ui/commands';
import { Choice } from '../../../ui/Field';
import { CloserDialog } from './CloserDialog';
import { HoldButton } from './HoldButton';
import { keepPicture } from './keepPicture';
import { ShowsAtDepth } from './ShowsAtDepth';
import { SolveDialog } from './SolveDialog';
import { TargetPanel } from './TargetPanel';
import { isForRoom } from './useHeldKey';
import { sameStep, useOtherFace } from './useOtherFace';
import { WhatItAdds } from './WhatItAdds';
import { WhereDialog } from './WhereDialog';
import { withMove } from './withMove';
import { withThinning } from './withThinning';
import { ZoneList } from './ZoneList';

type Props = {
  recipe: string;
  revisions: readonly { number: number; reason: string }[];
  document: Recipe;
  stack: StackPreview | undefined;
  preview: Preview | null;
  selected: string | null;
  onSelect: (id: string) => void;
  onChange: (document: Recipe) => void;
  shelf: readonly Material[];
};

const stepsOf = (face: Ready) => face.after.map((a) => a.stepId);

/** The face: a framed panel as it will look after each step, from bare wood to the last coat. */
export const Face = memo(function Face({ recipe, revisions, document, stack, preview, selected, onSelect, onChange, shelf }: Props) {
  const steps = preview?.steps ?? [];
  const [whole, setWhole] = useState(false);
  const [bare, setBare] = useState(false);
  const [eye, setEye] = useState<Eyes>('usual');
  const ready = useReady(document, stack);
  const ids = stack?.look.after.map((a) => a.stepId) ?? [];
  const order = new Map(document.steps.map((s, i) => [s.id, i]));
  const written = ids.map((id) => (id === null ? null : documentId(id)));
  // The colours of a blend are laid together: one sees it after the last of them.
  const stops = ids.map((_, i) => i).filter((i) => written[i] !== written[i + 1]);
  // The last step up to the chosen one that touches these faces.
  const chosen = selected === null ? -1 : (order.get(selected) ?? -1);
  const reached = written.reduce((last, id, i) => (id !== null && (order.get(id) ?? Number.POSITIVE_INFINITY) <= chosen ? i : last), 0);
  const at = bare ? 0 : reached;
  const [before, setBefore] = useState(false);
  const [split, setSplit] = useState(false);
  const [other, setOther] = useState(false);
  const [revision, setRevision] = useState<number | null>(null);
  const compared = useOtherFace(recipe, revision, stack);
  const [solving, setSolving] = useState(false);
  const [asking, setAsking] = useState(false);
  const [nearing, setNearing] = useState(false);
  const current = document.steps.find((s) => s.id === selected);
  const stop = Math.max(0, stops.indexOf(at));
  const shown = before && at > 0 ? (stops[stop - 1] ?? 0) : at;
  // biome-ignore lint/correctness/useExhaustiveDependencies: choosing a step, from wherever, is to see it
  useEffect(() => setBare(false), [selected]);

  const nameOf = (i: number) => {
    const step = steps.find((s) => s.id === written[i]);
    return step ? `${step.number}. ${step.name}` : 'Before step 1';
  };
  const go = (to: number) => {
    const id = written[stops[to] ?? 0];
    if (!id) return setBare(true);
    setBare(false);
    onSelect(id);
  };
  const keep = () => {
    if (piece) {
      const picture = pictureOf(paintingOf(document, piece), doneAfter(piece, bare ? 'none' : selected), { width: 1200, height: 900 });
      return keepPicture(picture, 1, document.title, shownName);
    }
    return ready && stack && keepPicture(canvasOf(ready, at), 2, document.title, `${stack.parts.join(', ')} · ${nameOf(at)}`);
  };
  const walk = useRef((_by: number) => {});
  walk.current = (by) => go(Math.max(0, Math.min(stops.length - 1, stop + by)));
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const by = { '[': -1, ']': 1 }[event.key];
      if (by && isForRoom(event) && !event.ctrlKey && !event.metaKey) walk.current(by);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  useOffer([
    { name: 'Preview: previous coat', keys: '[', run: () => walk.current(-1) },
    { name: 'Preview: next coat', keys: ']', run: () => walk.current(1) },
    { name: 'Preview: save picture for client', run: () => void keep() },
  ]);
  const after = stack?.look.after[shown];
  const piece = whole && preview && isDrawn(document, preview) ? preview : null;
  // The whole piece also shows steps that touch other parts than those of the panel.
  const own = steps.find((s) => s.id === selected);
  const shownName = piece && own && !bare ? `${own.number}. ${own.name}` : nameOf(shown);
  return (
    <Box component="section" aria-label="Preview" sx={{ display: 'grid', gap: 1, alignContent: 'start' }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
        <Typography variant="h3" component="h2" aria-live="polite" sx={{ flex: 1, lineHeight: 1.2 }}>
          {shownName === nameOf(0) ? nameOf(0) : `After ${shownName}`}
        </Typography>
        <HoldButton label="Before" letter="b" says="the preview before this step" disabled={at === 0} onHeld={setBefore} />
        {document.target && <HoldButton label="Target" letter="t" says="the target on the right half" onHeld={setSplit} />}
        {compared.ready && <HoldButton label={`Rev. ${revision}`} letter="r" says={`revision ${revision}`} onHeld={setOther} />}
      </Box>
      {preview && isDrawn(document, preview) && (
        <ToggleButtonGroup
          exclusive
          size="small"
          value={whole ? 'whole' : 'panel'}
          onChange={(_, chosen) => chosen && setWhole(chosen === 'whole')}
          aria-label="What is shown"
        >
          <ToggleButton value="panel">Close look</ToggleButton>
          <ToggleButton value="whole">Whole piece</ToggleButton>
        </ToggleButtonGroup>
      )}
      {piece && (
        <PreviewedPiece document={document} preview={piece} after={bare ? 'none' : selected} label={`The whole piece after ${shownName}`} />
      )}
      {ready && !piece && (
        <FaceCanvas
          {...(other && compared.ready
            ? { ready: compared.ready, at: sameStep(ids, at, stepsOf(compared.ready)), label: `The preview in revision ${revision}` }
            : { ready, at: shown, label: `The preview after ${nameOf(shown)}` })}
          eyes={eye}
          target={split ? document.target : null}
        />
      )}
      <Box sx={{ px: 2, lineHeight: 0 }}>
        <Slider
          sx={{ '& .MuiSlider-thumb': { width: 28, height: 28 } }}
          aria-label="Progress of the finish"
          min={0}
          max={Math.max(1, stops.length - 1)}
          step={1}
          marks
          value={stop}
          getAriaValueText={(to) => nameOf(stops[to] ?? 0)}
          onChange={(_, to) => go(to as number)}
        />
      </Box>
      {stack && !stack.look.isWhole && (
        <Alert severity="info">Too many different faces to preview every step. This one shows only the start and, roughly, the end.</Alert>
      )}
      {after && <ZoneList zones={after.zones} first={shown === 0} />}
      {stack && after?.stepId && <WhatItAdds look={stack.look} stepId={after.stepId} steps={steps} last={at === ids.length - 1} />}
      {stack && <TargetPanel target={document.target} off={stack.look.target} onChange={(target) => onChange({ ...document, target })} />}
      {document.target && current?.uses?.mix && (
        <Button size="small" variant="outlined" onClick={() => setSolving(true)} sx={{ justifySelf: 'start' }}>
          Find the mix
        </Button>
      )}
      {document.target && (
        <Button size="small" variant="outlined" onClick={() => setAsking(true)} sx={{ justifySelf: 'start' }}>
          Suggest next step
        </Button>
      )}
      {document.target && (
        <Button size="small" variant="outlined" onClick={() => setNearing(true)} sx={{ justifySelf: 'start' }}>
          Closer to the target
        </Button>
      )}
      {nearing && stack && (
        <CloserDialog
          document={document}
          now={stack.look.target}
          place={stack.places[0]}
          onClose={() => setNearing(false)}
          onTake={(closer) => {
            onChange(closer);
            setNearing(false);
          }}
        />
      )}
      {asking && (
        <WhereDialog
          document={document}
          done={at === 0 ? null : selected}
          doneName={at === 0 ? 'before step 1' : `after ${nameOf(at)}`}
          onClose={() => setAsking(false)}
          onTake={(move) => {
            setAsking(false);
            const taken = withMove(document, at === 0 ? null : selected, move, shelf);
            onChange(taken.document);
            onSelect(taken.first);
          }}
        />
      )}
      {solving && current && document.target && (
        <SolveDialog
          document={document}
          step={current}
          target={document.target}
          onClose={() => setSolving(false)}
          onTake={(rung) => {
            setSolving(false);
            onChange(withThinning(document, current, rung));
          }}
        />
      )}
      {stack && at === ids.length - 1 && <ShowsAtDepth depths={stack.look.depths} steps={steps} />}
      <Button size="small" variant="outlined" onClick={() => void keep()} sx={{ justifySelf: 'start' }}>
        Save picture for client
      </Button>
      {revisions.length > 0 && (
        <Choice
          label="Compare with"
          value={revision === null ? '' : String(revision)}
          options={[['', 'none'] as const, ...revisions.map((r) => [String(r.number), `revision ${r.number}: ${r.reason}`] as const)]}
          onChange={(number) => setRevision(number === '' ? null : Number(number))}
          help={
            compared.missing
              ? 'That revision has no such faces.'
              : revision === null
                ? ''
                : 'Hold r to see it, calculated for the same climate.'
          }
        />
      )}
      <Choice label="Simulate vision" value={eye} options={eyes} onChange={(to) => setEye(to as Eyes)} />
      <Typography variant="caption" color="text.secondary">
        Prediction from your figures. Wood and screens vary: confirm on a board.
      </Typography>
      <Box component="p" sx={heardOnly} style={{ color: bench.ink }}>
        Hold b for the preview before this step, t for the target, r for the compared revision. [ and ] go to the previous and the next
        coat.
      </Box>
    </Box>
  );
});
