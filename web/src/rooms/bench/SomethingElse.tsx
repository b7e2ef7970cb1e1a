import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, type Material, Problem, type Recipe, type Vocabulary, wrongIn } from '../../api/api';
import { keys } from '../../api/keys';
import { useMaterials } from '../../api/useMaterials';
import { useUsualNext } from '../../api/useVocabulary';
import { newEvent } from '../../log/newEvent';
import { nameOf, thinnerOf } from '../../recipe/edits';
import { zoneNames } from '../../recipe/face/panel';
import { hands } from '../../recipe/manner';
import { ColourEntry } from '../../ui/ColourEntry';
import { Swatch } from '../../ui/Swatch';
import { startColours } from '../../ui/startColours';
import { isColour, minutes } from '../../ui/words';
import { type Change, doesOf, type Said } from './improvise';
import { Few, fewShares, Pick } from './Pick';

type Ask = 'what' | 'where' | 'with' | 'how';

type Props = {
  run: string;
  document: Recipe;
  vocabulary: Vocabulary;
  /** The step it comes before, where one is left; and the technique that was done last. */
  before: string | null;
  after: string | null;
  offline: boolean;
  /** What is known of it from the beginning, as of a touch-up: then only how is asked. */
  known?: Partial<Said> | undefined;
  onChange: (change: Change) => void;
  onClose: () => void;
};

const nothing: Said = { technique: '', places: [], within: [], share: 1, uses: null, thinned: 0, hand: 'middle', tool: null };

/**
 * A step nobody planned: what, where, with what, one press each; then how much it takes and how it will look, before it is laid. Without
 * the program it is kept as it is said, and worked out later.
 */
export function SomethingElse({ run, document, vocabulary, before, after, offline, known, onChange, onClose }: Props) {
  const [said, setSaid] = useState<Said>({ ...nothing, ...known });
  const [ask, setAsk] = useState<Ask>(known?.technique ? 'how' : 'what');
  const [event] = useState(() => newEvent('improvised', { step: '', coat: 1, lay: 1 }));
  const shelf = useMaterials().data ?? document.materials;
  const technique = vocabulary.techniques.find((t) => t.key === said.technique);
  const say = (more: Partial<Said>, next: Ask) => {
    setSaid({ ...said, ...more });
    setAsk(next);
  };
  const used = said.material ?? document.materials.find((m) => m.id === said.uses?.material);
  const thinner = used && thinnerOf(used, shelf);
  const entry = { ...event, step: null, before, does: doesOf(said, document, thinner) };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="something-else">
      <DialogTitle id="something-else" sx={{ fontSize: 26 }}>
        {ask === 'what' ? 'What?' : ask === 'where' ? 'Where?' : ask === 'with' ? 'With what?' : (technique?.name ?? 'Something else')}
      </DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.25 }}>
        {ask === 'what' && <What vocabulary={vocabulary} after={after} onPick={(key) => say({ technique: key, tool: null }, 'where')} />}
        {ask === 'where' && (
          <Where
            document={document}
            onPick={(places, within) => say({ places, within }, technique?.profile.takesMaterial ? 'with' : 'how')}
          />
        )}
        {ask === 'with' && (
          <With document={document} shelf={shelf} onPick={(uses, material) => say({ uses, ...(material ? { material } : {}) }, 'how')} />
        )}
        {ask === 'how' && (
          <>
            <Guess run={run} entry={entry} offline={offline} />
            {technique?.profile.effect !== 'handles' && technique?.profile.effect !== 'waits' && (
              <Few label="How much of it" value={said.share} options={fewShares} onPick={(share) => setSaid({ ...said, share })} />
            )}
            {technique?.byHand && <Few label="Hand" value={said.hand} options={hands} onPick={(hand) => setSaid({ ...said, hand })} />}
            {said.uses?.material && thinner && (
              <Few
                label={`Thinned with ${thinner.name.toLowerCase()}`}
                value={said.thinned}
                options={
                  [
                    [0, 'as it is'],
                    [1, '1 : 1'],
                    [3, '1 : 3'],
                    [5, '1 : 5'],
                  ] as const
                }
                onPick={(thinned) => setSaid({ ...said, thinned })}
              />
            )}
            {technique && technique.profile.tools.length > 1 && (
              <Few
                label="Tool"
                value={said.tool ?? technique.profile.tools[0] ?? 'brush'}
                options={technique.profile.tools.map((key) => [key, vocabulary.tools.find((t) => t.key === key)?.name ?? key] as const)}
                onPick={(tool) => setSaid({ ...said, tool: tool === technique.profile.tools[0] ? null : tool })}
              />
            )}
          </>
        )}
      </DialogContent>
      <DialogActions sx={{ p: 1.5, gap: 1 }}>
        <Button
          color="inherit"
          sx={{ minHeight: 64, fontSize: 20 }}
          onClick={() => (ask === 'what' || known?.technique ? onClose() : setAsk('what'))}
        >
          Back
        </Button>
        {ask === 'how' && (
          <Button
            variant="contained"
            sx={{ minHeight: 64, fontSize: 22, flex: 1 }}
            onClick={() => onChange({ kind: 'improvised', step: null, before, does: entry.does })}
          >
            Do it next
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

/** The usual next techniques as buttons, all others by a word of what they do. */
function What({ vocabulary, after, onPick }: { vocabulary: Vocabulary; after: string | null; onPick: (key: string) => void }) {
  const [text, setText] = useState('');
  const usual = useUsualNext()[after ?? 'begin'] ?? [];
  const words = text.trim().toLowerCase();
  const found =
    words === ''
      ? [...usual, 'glazed-wiped', 'brushed', 'stained-wiped', 'waxed']
          .filter((key, i, all) => all.indexOf(key) === i)
          .flatMap((key) => vocabulary.techniques.find((t) => t.key === key) ?? [])
          .slice(0, 8)
      : vocabulary.techniques.filter((t) => `${t.name} ${t.does}`.toLowerCase().includes(words)).slice(0, 12);
  return (
    <>
      {found.map((t) => (
        <Pick key={t.key} onPick={() => onPick(t.key)}>
          {t.name}
        </Pick>
      ))}
      <TextField label="Find another" value={text} onChange={(e) => setText(e.target.value)} />
    </>
  );
}

function Where({
  document,
  onPick,
}: {
  document: Recipe;
  onPick: (places: readonly string[], within: NonNullable<Said['within']>) => void;
}) {
  const { parts } = document.piece;
  return (
    <>
      <Pick onPick={() => onPick([], [])}>Everything</Pick>
      {parts.length > 1 &&
        parts.map((p) => (
          <Pick key={p.id} onPick={() => onPick([p.id], [])}>
            {p.name}
          </Pick>
        ))}
      {parts.flatMap((p) =>
        (p.fields ?? []).map((f) => (
          <Pick key={`${p.id}.${f.id}`} onPick={() => onPick([`${p.id}:${f.face ?? p.shape?.faces[0] ?? 'whole'}.${f.id}`], [])}>
            {p.name}, {f.name}
          </Pick>
        )),
      )}
      <Pick onPick={() => onPick([], ['edges'])}>Edges only</Pick>
      <Pick onPick={() => onPick([], ['recesses'])}>Recesses only</Pick>
      <Pick onPick={() => onPick([], ['relief'])}>Mouldings and carving</Pick>
    </>
  );
}

/** What the recipe has, what the shelf has, or something new with a name and a colour. */
function With({
  document,
  shelf,
  onPick,
}: {
  document: Recipe;
  shelf: readonly Material[];
  onPick: (uses: NonNullable<Said['uses']>, material?: Material) => void;
}) {
  const [text, setText] = useState('');
  const [fresh, setFresh] = useState<{ name: string; colour: string } | null>(null);
  const words = text.trim().toLowerCase();
  const others = shelf.filter((m) => !document.materials.some((o) => o.id === m.id) && m.name.toLowerCase().includes(words));
  const like = document.materials.find((m) => m.kind === 'paint') ?? shelf.find((m) => m.kind === 'paint');
  if (fresh && like) {
    const right = fresh.name.trim() !== '' && isColour(fresh.colour);
    const make = (): Material => {
      const { tint: _, ...look } = like.look;
      return {
        ...like,
        id: newEvent('note', { step: '', coat: 1, lay: 1 }).id,
        version: 1,
        name: fresh.name.trim(),
        look: { ...look, colour: fresh.colour },
      };
    };
    return (
      <>
        <TextField label="Its name" value={fresh.name} onChange={(e) => setFresh({ ...fresh, name: e.target.value })} />
        <ColourEntry label="Its colour" value={fresh.colour} onChange={(colour) => colour && setFresh({ ...fresh, colour })} />
        <Box>Times and spread as “{like.name}”: correct them on the Shelf.</Box>
        <Button
          variant="contained"
          sx={{ minHeight: 64, fontSize: 20 }}
          disabled={!right}
          onClick={() => {
            const material = make();
            onPick({ material: material.id }, material);
          }}
        >
          Use it
        </Button>
      </>
    );
  }
  return (
    <>
      {words === '' &&
        [
          ...document.mixes.map((m) => ({ mix: m.id })),
          ...document.materials.filter((m) => m.kind !== 'thinner').map((m) => ({ material: m.id })),
        ].map((of) => (
          <Pick key={JSON.stringify(of)} onPick={() => onPick(of)}>
            {nameOf(document, of)}
          </Pick>
        ))}
      <TextField label="From the shelf" value={text} onChange={(e) => setText(e.target.value)} />
      {words !== '' &&
        others.slice(0, 8).map((m) => (
          <Pick key={m.id} onPick={() => onPick({ material: m.id }, m)}>
            {m.name}
          </Pick>
        ))}
      {like && <Pick onPick={() => setFresh({ name: text.trim(), colour: startColours.grey })}>A new one: name and colour</Pick>}
    </>
  );
}

/** What it takes and how it will look where it is laid; worked out by the program, which need not be there. */
function Guess({ run, entry, offline }: { run: string; entry: Parameters<typeof body>[0]; offline: boolean }) {
  const tried = useQuery({
    queryKey: keys.job(run, 'try', JSON.stringify(entry.does), entry.before),
    queryFn: ({ signal }) => answer(api.POST('/api/runs/{id}/try', { params: { path: { id: run } }, body: body(entry), signal })),
    placeholderData: keepPreviousData,
    retry: false,
    enabled: !offline,
  });
  const isAway = offline || (tried.error && !(tried.error instanceof Problem && tried.error.status < 500));
  if (isAway) return <Alert severity="info">Offline: worked out when the program answers. It can be done and noted all the same.</Alert>;
  if (tried.error) return <Alert severity="warning">{wrongIn(tried.error)}</Alert>;
  if (!tried.data) return <Box aria-busy="true">Working it out …</Box>;
  const { step, looks, findings } = tried.data;
  const [look] = looks;
  const same = look?.zones.filter((z) => !z.change) ?? [];
  return (
    <Box data-testid="guess" aria-live="polite" sx={{ display: 'grid', gap: 1 }}>
      <Box sx={{ fontSize: 30, fontWeight: 700, lineHeight: 1.1 }}>
        {step.pour ? `${step.pour.taken[0]?.text ?? step.pour.need.text}, ` : ''}
        {minutes(step.handsOn)}
      </Box>
      {step.pour?.mixes[0]?.batch.lines.length !== 1 &&
        step.pour?.mixes[0]?.batch.lines.map((l) => (
          <Box key={l.materialId} sx={{ fontSize: 20 }}>
            <b>{l.how ?? l.amount.text}</b> {l.name}
          </Box>
        ))}
      {look?.zones.map(
        (z, i) =>
          z.change && (
            <Box key={z.zone} sx={{ display: 'flex', gap: 1, alignItems: 'center', fontSize: 18, lineHeight: 1.2 }}>
              <Swatch colour={look.before[i]?.colour ?? null} size={36} title="before" />
              <span aria-hidden="true">→</span>
              <Swatch colour={z.colour} size={36} title="after" />
              <span>
                <b>{zoneNames[z.zone]}</b>: {z.called}
                <Box component="span" sx={{ display: 'block', fontSize: 15, color: 'text.secondary' }}>
                  {z.change.inWords}
                </Box>
              </span>
            </Box>
          ),
      )}
      {same.length > 0 && <Box sx={{ fontSize: 16 }}>Unchanged: {same.map((z) => zoneNames[z.zone].toLowerCase()).join(', ')}.</Box>}
      {findings.map((f) => (
        <Alert key={f.key} severity={f.severity === 'advise' ? 'info' : 'warning'}>
          {f.why}
        </Alert>
      ))}
    </Box>
  );
}

const body = (event: { does: ReturnType<typeof doesOf>; before: string | null } & ReturnType<typeof newEvent>) => ({
  event: { ...event, step: null },
});
