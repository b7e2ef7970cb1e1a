import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { answer, api, type Mix } from '../../api/api';
import { useCalculation } from '../../api/useCalculation';
import { MixEditor } from '../../mix/MixEditor';
import { putMix } from '../../recipe/edits';
import { bench } from '../../theme/theme';
import { clearColour } from '../../ui/Cup';
import { NumberEntry, TextEntry } from '../../ui/Field';
import type { BenchProps } from './Mixing';

/** A graded series from this mix to another of the same, in even steps. */
export function Ladder({ book, mix, shelf, columns, setBook }: BenchProps) {
  const other: Mix = book.mixes.find((m) => m.id === 'end') ?? weaker(mix);
  const both = putMix(book, other);
  const [rungs, setRungs] = useState(5);
  const [each, setEach] = useState('20 ml');
  const { worked, violations, said } = useCalculation(
    'ladder',
    { ...both, from: { mix: mix.id }, to: { mix: other.id }, rungs, each },
    (body, signal) => answer(api.POST('/api/compute/ladder', { body, signal })),
  );
  const general = violations.find((v) => !/^\/(rungs|each)/.test(v.pointer));
  return columns(
    <>
      <Typography variant="h3" component="h2">
        End mix
      </Typography>
      <MixEditor book={both} mix={other} shelf={shelf} onChange={setBook} />
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
        <NumberEntry label="Strengths" value={rungs} whole least={2} onChange={(n) => setRungs(n ?? 5)} error={said('/rungs')} />
        <TextEntry label="Amount each" value={each} onChange={setEach} error={said('/each')} />
      </Box>
    </>,
    <Box aria-live="polite" sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
      {general && <Alert severity="error">{general.message}</Alert>}
      {worked && (
        <>
          <Typography variant="h2">
            Mix {worked.first.text} of {mix.name} and {worked.second.text} of {other.name}, then combine them
          </Typography>
          <Box component="ol" data-testid="ladder" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}>
            {worked.rungs.map((rung, i) => (
              <Box
                component="li"
                key={i}
                sx={{
                  display: 'grid',
                  gridTemplateColumns: '32px 90px 1fr',
                  gap: 1.5,
                  alignItems: 'center',
                  borderTop: `1px solid ${bench.line}`,
                  pt: 1,
                }}
              >
                <b style={{ fontSize: 22 }}>{i + 1}</b>
                <Box sx={{ height: 40, border: `1px solid ${bench.ink}`, display: 'flex' }} aria-hidden="true">
                  {rung.holds.lines.map((l) => (
                    <span key={l.materialId} style={{ flexGrow: l.volume, background: l.colour ?? clearColour }} />
                  ))}
                </Box>
                <Box>
                  <Box sx={{ fontSize: 18 }}>
                    <b>{rung.ofFirst.text}</b> + <b>{rung.ofSecond.text}</b>
                    <span style={{ color: bench.slate }}> · {rung.holds.words}</span>
                  </Box>
                  <Box sx={{ color: 'text.secondary' }}>
                    {rung.measured
                      ? `on its own: ${rung.measured.lines.map((l) => `${l.how ?? l.amount.text} ${l.name}`).join(', ')}`
                      : 'too small to measure on its own'}
                  </Box>
                </Box>
              </Box>
            ))}
          </Box>
        </>
      )}
    </Box>,
  );
}

/** The same with twice as much of its last part, to begin with. */
function weaker({ written: _, ...mix }: Mix): Mix {
  const last = mix.parts.length - 1;
  const twice = (share: string) => (Number.isFinite(Number(share)) ? String(2 * Number(share)) : share);
  return {
    ...mix,
    id: 'end',
    name: `${mix.name}, weaker`,
    parts: mix.parts.map((p, i) => (i === last ? { ...p, share: twice(p.share) } : p)),
  };
}
