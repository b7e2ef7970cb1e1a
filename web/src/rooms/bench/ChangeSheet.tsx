import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import type { Preview, Recipe, Vocabulary } from '../../api/api';
import { type Done, keyOf } from './fold';
import type { Change, Said } from './improvise';
import type { Act } from './progress';

type Way = 'first' | 'insert' | 'mix';

type Props = {
  act: Act;
  acts: readonly Act[];
  done: ReadonlyMap<string, Done>;
  document: Recipe;
  worked: Preview['steps'];
  vocabulary: Vocabulary | undefined;
  offline: boolean;
  onFirst: (act: Act) => void;
  onChange: (change: Change) => void;
  /** Something nobody planned: asked for in a sheet of its own, with what is known of it already. */
  onElse: (known?: Partial<Said>) => void;
  onOtherwise: () => void;
  onClose: () => void;
};

const big = { minHeight: 64, fontSize: 20, justifyContent: 'flex-start', textAlign: 'left' } as const;

/**
 * For whoever has changed their mind: another step first, a coat more, a step once more, another mix; one press each, and undone as
 * anything else.
 */
export function ChangeSheet({
  act,
  acts,
  done,
  document,
  worked,
  vocabulary,
  offline,
  onFirst,
  onChange,
  onElse,
  onOtherwise,
  onClose,
}: Props) {
  const [way, setWay] = useState<Way | null>(null);
  const step = document.steps.find((s) => s.id === act.step);
  const ofDocument = (id: string) => document.steps.find((s) => s.id === id);
  const techniqueOf = (id: string) => vocabulary?.techniques.find((t) => t.key === ofDocument(id)?.technique);
  // What was only noted on this device is not worked out yet.
  const nameOf = (id: string) => worked.find((w) => w.id === id)?.name ?? (ofDocument(id)?.title || (techniqueOf(id)?.name ?? id));
  const effectOf = (id: string) => worked.find((w) => w.id === id)?.effect ?? techniqueOf(id)?.profile.effect;
  const open = acts.filter((a) => a.step !== act.step && !done.get(keyOf(a))?.started && !done.get(keyOf(a))?.finished);
  const others = open.filter((a, i) => open.findIndex((b) => b.step === a.step) === i);
  const before = document.steps.slice(
    0,
    document.steps.findIndex((s) => s.id === act.step),
  );
  const laid = [...before].reverse().find((s) => effectOf(s.id) === 'adds' && s.uses);
  const mixes = document.steps.filter((s) => s.id !== act.step && s.uses && JSON.stringify(s.uses) !== JSON.stringify(step?.uses));
  const list = (title: string, rows: readonly { key: string; name: string; take: () => void }[]) => (
    <>
      <Box sx={{ fontSize: 20 }}>{title}</Box>
      {rows.map((row) => (
        <Button key={row.key} variant="outlined" color="inherit" fullWidth sx={big} onClick={row.take}>
          {row.name}
        </Button>
      ))}
      <Button color="inherit" sx={big} onClick={() => setWay(null)}>
        Back
      </Button>
    </>
  );
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="change">
      <DialogTitle id="change" sx={{ fontSize: 26 }}>
        Change the plan
      </DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.25 }}>
        {way === null && (
          <>
            <Button variant="outlined" color="inherit" sx={big} onClick={() => onElse()}>
              Something else
            </Button>
            {others.length > 0 && (
              <Button variant="outlined" color="inherit" sx={big} onClick={() => setWay('first')}>
                Do another step first
              </Button>
            )}
            {offline && <Box sx={{ fontSize: 18 }}>One more coat and another mix need a connection.</Box>}
            {step && !step.repeat && effectOf(act.step) !== 'waits' && (
              <Button
                variant="outlined"
                color="inherit"
                disabled={offline}
                sx={big}
                onClick={() => onChange({ kind: 'more', step: act.step })}
              >
                One more coat of “{nameOf(act.step)}”
              </Button>
            )}
            {laid && (
              <Button
                variant="outlined"
                color="inherit"
                sx={big}
                onClick={() =>
                  onElse({
                    ...asSaid(laid),
                    title: `Touch up: ${nameOf(laid.id)}`.slice(0, 120),
                    share: 0.1,
                  })
                }
              >
                Sanded too much: touch up with “{nameOf(laid.id)}”
              </Button>
            )}
            {step && !step.repeat && effectOf(act.step) !== 'waits' && (
              <Button variant="outlined" color="inherit" sx={big} onClick={onOtherwise}>
                Another hand, share or tool
              </Button>
            )}
            <Button variant="outlined" color="inherit" sx={big} onClick={() => setWay('insert')}>
              Repeat a step before this one
            </Button>
            {step?.uses && mixes.length > 0 && (
              <Button variant="outlined" color="inherit" disabled={offline} sx={big} onClick={() => setWay('mix')}>
                Use another mix
              </Button>
            )}
            <Button color="inherit" sx={big} onClick={onClose}>
              Back to the plan
            </Button>
          </>
        )}
        {way === 'first' &&
          list(
            'Which step first? The others stay in the plan.',
            others.map((a) => ({ key: keyOf(a), name: nameOf(a.step), take: () => onFirst(a) })),
          )}
        {way === 'insert' &&
          list(
            'Which step again?',
            document.steps
              .filter((s) => effectOf(s.id) !== 'waits')
              .map((s) => ({
                key: s.id,
                name: nameOf(s.id),
                take: () => onElse(asSaid(s)),
              })),
          )}
        {way === 'mix' &&
          list(
            'Which mix?',
            mixes.map((s) => ({
              key: s.id,
              name: `Mix of “${nameOf(s.id)}”`,
              take: () => onChange({ kind: 'mix', step: act.step, of: s.id }),
            })),
          )}
      </DialogContent>
    </Dialog>
  );
}

/** A step once more, as something that is improvised. */
function asSaid(step: Recipe['steps'][number]): Partial<Said> {
  return {
    technique: step.technique,
    title: step.title ?? '',
    places: step.parts ?? [],
    within: step.within ?? [],
    uses: step.uses ?? null,
    hand: step.hand ?? 'middle',
    tool: step.tool ?? null,
  };
}
