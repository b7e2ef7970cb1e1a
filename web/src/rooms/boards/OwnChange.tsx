import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { BoardDocument, BoardVariable } from '../../api/api';
import { Choice, TextEntry } from '../../ui/Field';

type Props = {
  document: BoardDocument;
  patch: string;
  things: readonly BoardVariable[];
  nameOf: (step: string | null) => string;
  change: (document: BoardDocument) => void;
};

/** What is done otherwise on one patch alone. */
export function OwnChange({ document, patch, things, nameOf, change }: Props) {
  const [asking, setAsking] = useState(false);
  const [which, setWhich] = useState('');
  const [level, setLevel] = useState('');
  const own = document.own ?? [];
  const mine = own.filter((o) => o.patch === patch);
  const key = (t: BoardVariable) => `${t.thing}@${t.step ?? ''}`;
  const thing = things.find((t) => key(t) === which);
  if (patch === 'Control') return null;
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      {mine.map((o) => (
        <Button
          key={`${o.thing}${o.step}${o.level}`}
          variant="outlined"
          color="secondary"
          onClick={() => change({ ...document, own: own.filter((x) => x !== o) })}
        >
          Remove override: {things.find((t) => t.thing === o.thing && t.step === (o.step ?? null))?.name ?? o.thing} {o.level}
        </Button>
      ))}
      {!asking && (
        <Button variant="outlined" onClick={() => setAsking(true)}>
          Override patch {patch}
        </Button>
      )}
      {asking && (
        <>
          <Choice
            label={`Override on ${patch}`}
            value={which}
            options={[['', '…'] as const, ...things.map((t) => [key(t), `${nameOf(t.step)}: ${t.name}`] as const)]}
            onChange={(w) => {
              setWhich(w);
              const t = things.find((x) => key(x) === w);
              setLevel(t?.levels.find((l) => l !== t.standing) ?? '');
            }}
          />
          {thing &&
            (thing.options.length > 0 ? (
              <Choice label="Value" value={level} options={thing.options.map((o) => [o.level, o.words] as const)} onChange={setLevel} />
            ) : (
              <TextEntry label="Value" value={level} onChange={setLevel} />
            ))}
          <Button
            variant="contained"
            disabled={!thing || level === ''}
            onClick={() => {
              if (thing)
                change({ ...document, own: [...own, { patch, thing: thing.thing, ...(thing.step ? { step: thing.step } : {}), level }] });
              setAsking(false);
              setWhich('');
            }}
          >
            Save
          </Button>
        </>
      )}
    </Box>
  );
}
