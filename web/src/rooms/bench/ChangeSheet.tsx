import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import type { Preview, Recipe } from '../../api/api';
import { type Done, keyOf } from './fold';
import type { Act } from './progress';
import type { Event } from './queue';

type Change = Pick<Event, 'kind' | 'step' | 'of' | 'before' | 'coat'>;
type Way = 'first' | 'insert' | 'mix';

type Props = {
  act: Act;
  acts: readonly Act[];
  done: ReadonlyMap<string, Done>;
  document: Recipe;
  worked: Preview['steps'];
  offline: boolean;
  onFirst: (act: Act) => void;
  onChange: (change: Change) => void;
  onClose: () => void;
};

const big = { minHeight: 64, fontSize: 20, justifyContent: 'flex-start', textAlign: 'left' } as const;

/**
 * For whoever has changed their mind: another step first, a coat more, a step once more, another mix; one press each, and undone as
 * anything else.
 */
export function ChangeSheet({ act, acts, done, document, worked, offline, onFirst, onChange, onClose }: Props) {
  const [way, setWay] = useState<Way | null>(null);
  const step = document.steps.find((s) => s.id === act.step);
  const nameOf = (id: string) => worked.find((w) => w.id === id)?.name ?? id;
  const open = acts.filter((a) => a.step !== act.step && !done.get(keyOf(a))?.started && !done.get(keyOf(a))?.finished);
  const others = open.filter((a, i) => open.findIndex((b) => b.step === a.step) === i);
  const before = document.steps.slice(
    0,
    document.steps.findIndex((s) => s.id === act.step),
  );
  const laid = [...before].reverse().find((s) => worked.find((w) => w.id === s.id)?.effect === 'adds' && s.uses);
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
            {others.length > 0 && (
              <Button variant="outlined" color="inherit" sx={big} onClick={() => setWay('first')}>
                Do another step first
              </Button>
            )}
            {offline && <Box sx={{ fontSize: 18 }}>The other changes need a connection.</Box>}
            {step && !step.repeat && worked.find((w) => w.id === act.step)?.effect !== 'waits' && (
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
                disabled={offline}
                sx={big}
                onClick={() => onChange({ kind: 'insert', step: laid.id, before: act.step })}
              >
                Sanded too much: touch up with “{nameOf(laid.id)}”
              </Button>
            )}
            <Button variant="outlined" color="inherit" disabled={offline} sx={big} onClick={() => setWay('insert')}>
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
              .filter((s) => worked.find((w) => w.id === s.id)?.effect !== 'waits')
              .map((s) => ({
                key: s.id,
                name: nameOf(s.id),
                take: () => onChange({ kind: 'insert', step: s.id, before: act.step }),
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
