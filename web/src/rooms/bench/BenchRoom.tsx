import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { answerOrKept, api } from '../../api/api';
import { keys } from '../../api/keys';
import { useUsualNext, useVocabulary } from '../../api/useVocabulary';
import { newEvent } from '../../log/newEvent';
import { documentId } from '../../recipe/edits';
import { bench } from '../../theme/theme';
import { Failed, Loading } from '../../ui/Notice';
import { useVisited } from '../../ui/recent';
import { isTyping } from '../../ui/typing';
import { BenchStep } from './BenchStep';
import { BenchTimers } from './BenchTimers';
import { ChangeSheet } from './ChangeSheet';
import { say, useAwake, useComfort } from './comfort';
import { keyOf } from './fold';
import { hintsOf } from './hints';
import { type Change, type Said, withPending } from './improvise';
import { NoteSheet } from './NoteSheet';
import { OtherwiseSheet } from './OtherwiseSheet';
import { progress, toBeJudged } from './progress';
import { SomethingElse } from './SomethingElse';
import { timersOf } from './timers';
import { useRun } from './useRun';
import { useWorker } from './useWorker';

const nothing: ReturnType<typeof progress> = {
  done: new Map(),
  acts: [],
  skipped: new Map(),
  passed: new Map(),
  again: new Map(),
  last: null,
};

/** A phone on its side, or a page magnified: the buttons stay in one row, so that the step is seen above them. */
const low = '@media (max-height: 520px)';

/** One step at a time, big enough for a wet glove: begin, done, undo. */
export default function BenchRoom() {
  const id = useParams().id ?? '';
  const { run, pending, note, offline, refused, discardRefused, problem, kept } = useRun(id);
  const vocabulary = useVocabulary();
  useUsualNext(); // known before “Something else” opens, so that nothing moves under a finger
  const [comfort, setComfort] = useComfort();
  const [writing, setWriting] = useState(false);
  const [changing, setChanging] = useState(false);
  const [first, setFirst] = useState<string | null>(null);
  const [now, setNow] = useState(() => Date.now() / 1000);
  const job = run.data && withPending(run.data, pending);
  const document = job?.document;
  const [other, setOther] = useState<Partial<Said> | 'otherwise' | null>(null);
  const shape = JSON.stringify(run.data?.document.steps.map((s) => [s.id, s.coats, s.uses, s.share, s.hand, s.tool]));
  const preview = useQuery({
    queryKey: keys.job(id, 'calculation', shape), // another recipe than planned, once something was changed at the bench
    placeholderData: keepPreviousData,
    queryFn: () => answerOrKept(api.GET('/api/runs/{id}/calculation', { params: { path: { id } } })),
    staleTime: Number.POSITIVE_INFINITY,
    refetchInterval: ({ state }) => !!state.data?.kept && 5000, // of the recipe as it was before the change, perhaps
  });
  useAwake();
  useWorker(id);
  useVisited(run.data && `Bench: ${run.data.title}`, `/bench/${id}`);
  useEffect(() => {
    const tick = window.setInterval(() => setNow(Date.now() / 1000), 500);
    return () => window.clearInterval(tick);
  }, []);

  const state = job ? progress(job, pending) : nothing;
  const { done, acts, last } = state;
  const next = acts.findIndex((a) => !done.get(keyOf(a))?.finished);
  const chosen = acts.findIndex((a) => keyOf(a) === first && !done.get(keyOf(a))?.finished);
  const at = chosen < 0 ? next : chosen;
  const act = at < 0 ? undefined : acts[at];
  const worked = act && preview.data?.preview.steps.find((s) => s.id === act.step);
  const begun = act ? done.get(keyOf(act))?.started : null;

  const timers = document && preview.data ? timersOf(acts, done, document.steps, preview.data.preview.steps, now) : [];
  const noted = act ?? acts.at(-1);
  const judged = document ? toBeJudged(next, document.steps, state) : null;
  const main = () => act && note(newEvent(begun ? 'finished' : 'started', act));
  const undo = () => last && note({ ...newEvent('retract', { step: '', coat: 1, lay: 1 }), step: null, retracts: last.id });
  const skip = () => act && note(newEvent('skipped', act));
  const judge = (kind: 'passed' | 'again') => judged && note(newEvent(kind, judged.round));
  const lastResort = judged?.last && judged.otherwise;
  const instead = () => lastResort && note(newEvent('instead', judged.round));
  const dry = () => {
    const waiting = timers.find((t) => t.what === 'recoat');
    if (waiting) note(newEvent('dried', waiting.of));
  };
  const doesAt = {
    ' ': main,
    r: dry,
    u: undo,
    x: skip,
    n: () => setWriting(true),
    c: () => setChanging(true),
    e: () => setOther({}),
    o: instead,
    y: () => judge('passed'),
    m: () => judge('again'),
  };
  const doing = useRef<Record<string, () => void>>(doesAt);
  doing.current = doesAt;
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (isTyping(e) || e.ctrlKey || e.metaKey || e.altKey) return;
      const what = doing.current[e.key];
      if (!what || (e.key === ' ' && e.target instanceof HTMLButtonElement)) return;
      e.preventDefault();
      if (!e.repeat) what();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  const name = worked?.name;
  const coat = act?.coat;
  useEffect(() => {
    if (comfort.voice && name) say(`${name}${(coat ?? 1) > 1 ? `, coat ${coat}` : ''}`);
  }, [comfort.voice, name, coat]);

  if (run.error && !run.data) return <Failed error={run.error} retry={() => void run.refetch()} />;
  if (!run.data || !preview.data || !document) return <Loading what="the bench" />;
  const step = act && document.steps.find((s) => s.id === documentId(act.step));
  const lastDone =
    document.steps.findLast((s) => acts.some((a) => documentId(a.step) === s.id && done.get(keyOf(a))?.finished))?.technique ?? null;
  const decide = (change: Change) => {
    note({ ...newEvent(change.kind, { coat: 1, lay: 1, ...act, step: change.step ?? act?.step ?? '' }), ...change });
    setFirst(null);
    setChanging(false);
    setOther(null);
  };
  const judgedStep = preview.data.preview.steps.find((s) => s.id === judged?.round.step);
  const running = (
    <BenchTimers timers={timers} now={now} sound={comfort.sound} voice={comfort.voice} onDry={(t) => note(newEvent('dried', t.of))} />
  );
  const big = {
    minHeight: 76,
    fontSize: 22,
    flex: '1 1 118px',
    px: 1,
    lineHeight: 1.15,
    [low]: { minHeight: 52, fontSize: 16, flexBasis: 84 },
  } as const;
  return (
    <Box
      sx={{
        flex: 1,
        display: 'flex',
        flexDirection: 'column',
        gap: 2,
        p: { xs: 1.5, sm: 2.5 },
        bgcolor: comfort.dark ? bench.ink : bench.paper,
        color: comfort.dark ? bench.linen : bench.ink,
        '& a': { color: 'inherit' },
      }}
      data-testid="bench"
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, alignItems: 'center', fontSize: 17 }}>
        <b>{run.data.title}</b>
        <span>{act ? `${at + 1} of ${acts.length}` : `all ${acts.length} done`}</span>
        <Box role="status" sx={{ flex: 1, minWidth: pending.length > 0 || offline ? 160 : 0 }}>
          {pending.length > 0
            ? offline
              ? `Offline: ${pending.length} saved on this device, will sync`
              : 'saving …'
            : offline
              ? 'Offline'
              : 'saved'}
        </Box>
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', ml: { xs: -0.6, sm: 0 } }}>
          {(
            [
              ['dark', comfort.dark ? 'Bright' : 'Dark'],
              ['sound', comfort.sound ? 'Sound off' : 'Sound on'],
              ['voice', comfort.voice ? 'Voice off' : 'Voice on'],
            ] as const
          ).map(([key, label]) => (
            <Button key={key} color="inherit" size="small" onClick={() => setComfort({ ...comfort, [key]: !comfort[key] })}>
              {label}
            </Button>
          ))}
          <Link to="/days">Go to Days</Link>
        </Box>
      </Box>
      {refused.length > 0 && (
        <Alert
          severity="warning"
          action={
            <Button color="inherit" onClick={discardRefused}>
              Discard
            </Button>
          }
        >
          {refused.length === 1 ? 'One entry' : `${refused.length} entries`} can’t be saved: {refused[0]?.refused}
        </Alert>
      )}
      {problem && <Alert severity="warning">Not saved yet: {problem} Your entries stay on this device and are sent again.</Alert>}
      {!kept && <Alert severity="warning">This device has no room left. Leave this page open until your entries are saved.</Alert>}
      {act &&
        hintsOf(act, acts, done, document.steps, preview.data.preview.steps, now).map((h) => (
          <Alert key={h.words.slice(0, 20)} severity={h.grave ? 'warning' : 'info'} sx={{ fontSize: 19 }}>
            {h.words}
          </Alert>
        ))}
      {judged && (
        <Box
          data-testid="judged"
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', border: 3, borderColor: bench.brass, p: 1.5 }}
        >
          <Box sx={{ flex: '1 1 260px', fontSize: 24 }}>
            {judgedStep?.name}, {judgedStep?.effect === 'adds' ? 'coat' : 'pass'} {judged.round.coat}.{' '}
            <b>{vocabulary.data?.criteria.find((c) => c.key === judged.until)?.asks}</b>
          </Box>
          <Button variant="outlined" color="inherit" onClick={() => judge('passed')} aria-keyshortcuts="y" sx={big}>
            Yes, continue
          </Button>
          <Button variant="outlined" color="inherit" onClick={() => judge('again')} aria-keyshortcuts="m" sx={big}>
            Not yet, repeat
          </Button>
          {lastResort && (
            <Button variant="outlined" color="inherit" onClick={instead} aria-keyshortcuts="o" sx={big}>
              No, do “{preview.data.preview.steps.find((s) => s.id === lastResort)?.name}”
            </Button>
          )}
        </Box>
      )}
      <Box sx={{ flex: 1 }}>
        {act ? (
          <BenchStep
            act={act}
            next={acts.slice(at + 1, at + 3)}
            document={document}
            worked={worked}
            preview={preview.data.preview}
            vocabulary={vocabulary.data}
            timers={running}
          />
        ) : (
          <Box component="h1" data-testid="act" sx={{ fontFamily: 'h1.fontFamily', fontSize: 42 }}>
            Job complete
          </Box>
        )}
        {!act && running}
      </Box>
      <Box
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          gap: 1.5,
          // Where it is, whatever comes above it: nothing moves under a finger.
          position: 'sticky',
          bottom: 0,
          [low]: { gap: 0.5, pb: 0.5, pt: 0.5 },
          pb: 1.5,
          pt: 1,
          bgcolor: comfort.dark ? bench.ink : bench.paper,
        }}
      >
        {act && (
          <Button
            variant="contained"
            onClick={main}
            aria-keyshortcuts="Space"
            sx={{
              ...big,
              flex: '2 1 200px',
              fontSize: 30,
              [low]: { ...big[low], fontSize: 18, flexBasis: 120 },
              bgcolor: bench.brass,
              color: bench.ink,
              '&:hover': { bgcolor: bench.brassLight },
            }}
          >
            {begun ? `Done (started ${clockOf(begun)})` : 'Start'}
          </Button>
        )}
        <Button variant="outlined" color="inherit" disabled={!last} onClick={undo} aria-keyshortcuts="u" sx={big}>
          Undo
        </Button>
        <Button variant="outlined" color="inherit" onClick={() => setWriting(true)} aria-keyshortcuts="n" sx={big}>
          Note
        </Button>
        <Button variant="outlined" color="inherit" onClick={() => setOther({})} aria-keyshortcuts="e" sx={big}>
          Something else
        </Button>
        {act && (
          <Button variant="outlined" color="inherit" onClick={() => setChanging(true)} aria-keyshortcuts="c" sx={big}>
            Change plan
          </Button>
        )}
        {act && (
          <Button variant="outlined" color="inherit" onClick={skip} aria-keyshortcuts="x" sx={big}>
            Skip
          </Button>
        )}
      </Box>
      {changing && act && (
        <ChangeSheet
          act={act}
          acts={acts}
          done={done}
          document={document}
          worked={preview.data.preview.steps}
          vocabulary={vocabulary.data}
          offline={offline}
          onFirst={(a) => {
            setFirst(keyOf(a));
            setChanging(false);
          }}
          onChange={decide}
          onElse={(known) => {
            setChanging(false);
            setOther(known ?? {});
          }}
          onOtherwise={() => {
            setChanging(false);
            setOther('otherwise');
          }}
          onClose={() => setChanging(false)}
        />
      )}
      {other === 'otherwise' && step && vocabulary.data && (
        <OtherwiseSheet step={step} vocabulary={vocabulary.data} onChange={decide} onClose={() => setOther(null)} />
      )}
      {other !== null && other !== 'otherwise' && vocabulary.data && (
        <SomethingElse
          run={id}
          document={document}
          vocabulary={vocabulary.data}
          before={act ? documentId(act.step) : null}
          after={lastDone}
          offline={offline}
          known={other}
          onChange={decide}
          onClose={() => setOther(null)}
        />
      )}
      {writing && noted && (
        <NoteSheet
          poured={!!preview.data.preview.steps.find((s) => s.id === noted.step)?.pour}
          run={id}
          step={noted.step}
          offline={offline}
          onClose={() => setWriting(false)}
          onNote={(patch) => {
            note({ ...newEvent(patch.kind, noted), ...patch });
            setWriting(false);
          }}
        />
      )}
    </Box>
  );
}

/** In the clock of the device, as everything the painter looks at here. */
function clockOf(seconds: number): string {
  return new Date(seconds * 1000).toTimeString().slice(0, 5);
}
