import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import type { BoardPreview, BoardRound } from '../../api/api';
import { bench } from '../../theme/theme';
import { minutes, moment } from '../../ui/words';
import { timer } from './board';

/** What is done at which second of a round, in order. */
type Act = { at: number; text: string; patch: string; wipes: boolean };

/** One round: when each patch is laid and wiped, drawn and in words, with a clock that runs along. */
export function RoundCard({ round, pots }: { round: BoardRound; pots: BoardPreview['pots'] }) {
  const [started, setStarted] = useState<number | null>(null);
  const now = useSeconds(started);
  const potsUsed = new Set(round.turns.map((t) => t.pot)).size;
  const lay = round.effect === 'adds' ? 'apply ' : '';
  const waits = round.turns.some((t) => t.wipe !== null && t.wipe > t.laid);
  const acts: Act[] = round.turns
    .flatMap((t) => [
      {
        at: t.lay,
        text: `${t.patch}${t.how ? `: ${t.how}` : ''}${potsUsed > 1 && t.pot !== null ? `, from pot ${t.pot}` : ''}`,
        patch: t.patch,
        wipes: false,
      },
      ...(t.wipe === null ? [] : [{ at: t.wipe, text: `wipe ${t.patch}`, patch: t.patch, wipes: true }]),
    ])
    .sort((a, b) => a.at - b.at);
  const next = started === null ? undefined : acts.find((a) => a.at > now);
  const current = started === null ? undefined : acts.filter((a) => a.at <= now).at(-1);
  const single = new Set(round.turns.map((t) => t.pot).filter((p) => p !== null));
  const pot = single.size === 1 ? pots.find((p) => single.has(p.number)) : undefined;
  return (
    <Box data-testid="round" sx={{ borderTop: `2px solid ${bench.ink}`, pt: 1, display: 'grid', gap: 1 }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <Typography variant="h3" component="h3" sx={{ flex: 1 }}>
          {round.number}. {round.name}
          {round.coats > 1 && `, ${round.coat} of ${round.coats}`}
        </Typography>
        <span>
          {round.start ? moment(round.start) : 'no date yet'}
          {round.length > 0 && ` · ${timer(round.length)} min`}
        </span>
        {waits && (
          <Button
            variant={started === null ? 'outlined' : 'contained'}
            onClick={() => setStarted(started === null ? Date.now() : null)}
            aria-label={started === null ? `Start timer of round ${round.number}` : `Stop timer of round ${round.number}`}
          >
            {started === null ? 'Start timer' : `Stop ${timer(now)}`}
          </Button>
        )}
      </Box>
      <Box sx={{ color: 'text.secondary' }}>
        {pot && `From pot ${pot.number}, ${pot.name}. `}
        {round.withHelper !== null && `With a helper who wipes: ${timer(round.withHelper)} min. `}
        {round.wait > 0 && `Wait ${minutes(round.wait)}${round.overnight ? ', overnight' : ''}.`}
        {round.wait === 0 && round.overnight && 'Wait overnight.'}
      </Box>
      {started !== null && (
        <Box
          role="timer"
          aria-live="assertive"
          sx={{ bgcolor: bench.ink, color: bench.paper, p: 2, borderRadius: 1, display: 'flex', gap: 3, flexWrap: 'wrap' }}
        >
          <span style={{ fontSize: 30, fontWeight: 700 }}>{current ? (current.wipes ? current.text : lay + current.text) : ''}</span>
          <span style={{ fontSize: 24, alignSelf: 'center' }}>
            {next
              ? `in ${timer(next.at - now)}: ${next.wipes ? next.text : lay + next.text}`
              : now > round.length
                ? 'all done'
                : 'last one'}
          </span>
        </Box>
      )}
      {waits && <Lanes round={round} now={started === null ? null : now} />}
      {waits ? (
        <Box
          component="ol"
          sx={{
            listStyle: 'none',
            m: 0,
            p: 0,
            columns: { sm: '190px' },
            columnGap: 3,
            '& li': { display: 'flex', gap: 1, breakInside: 'avoid', py: 0.1 },
          }}
        >
          {acts.map((a) => (
            <li key={a.patch + String(a.wipes)}>
              <b style={{ minWidth: 48 }}>{timer(a.at)}</b>
              <span style={{ color: a.wipes ? bench.oxide : bench.ink }}>{a.wipes ? a.text : lay + a.text}</span>
            </li>
          ))}
        </Box>
      ) : (
        <InTurn round={round} />
      )}
    </Box>
  );
}

/** Where nothing has to wait to the second: which patches, one after the other, and what is done otherwise on some. */
function InTurn({ round }: { round: BoardRound }) {
  const groups = new Map<string, string[]>();
  for (const t of round.turns) groups.set(t.how, [...(groups.get(t.how) ?? []), t.patch]);
  return [...groups].map(([how, patches]) => (
    <Box key={how} sx={{ fontSize: 17 }}>
      {how && <b>{how}: </b>}
      {patches.join(', ')}
    </Box>
  ));
}

/** A lane for every patch: laid, left, wiped. */
function Lanes({ round, now }: { round: BoardRound; now: number | null }) {
  const high = 20;
  const left = 44;
  const width = 640;
  const x = (s: number) => left + (s / round.length) * (width - left - 8);
  const every = [15, 30, 60, 120, 300, 600, 1800, 3600, 7200].find((s) => round.length / s <= 9) ?? 14400;
  const ticks = Array.from({ length: Math.floor(round.length / every) + 1 }, (_, i) => i * every);
  const height = round.turns.length * high + 26;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      style={{ width: '100%', maxWidth: 820 }}
      role="img"
      aria-label="When each patch is applied, left and wiped. The list below has the same times."
    >
      {ticks.map((t) => (
        <g key={t}>
          <path d={`M${x(t)} 0V${height - 20}`} stroke={bench.line} strokeWidth="1" />
          <text x={x(t)} y={height - 5} fontSize="13" textAnchor="middle" fill={bench.slate}>
            {timer(t)}
          </text>
        </g>
      ))}
      {round.turns.map((t, i) => (
        <g key={t.patch}>
          <text x="4" y={i * high + 15} fontSize="14" fontWeight="700" fill={bench.ink}>
            {t.patch}
          </text>
          <rect x={x(t.lay)} y={i * high + 4} width={Math.max(2, x(t.laid) - x(t.lay))} height={high - 8} fill={bench.verdigris} />
          {t.wipe !== null && (
            <>
              <path d={`M${x(t.laid)} ${i * high + high / 2}H${x(t.wipe)}`} stroke={bench.ink} strokeWidth="1.5" strokeDasharray="3 3" />
              <rect
                x={x(t.wipe)}
                y={i * high + 4}
                width={Math.max(2, x(t.done) - x(t.wipe))}
                height={high - 8}
                fill="none"
                stroke={bench.oxide}
                strokeWidth="2.5"
              />
            </>
          )}
        </g>
      ))}
      {now !== null && <path d={`M${x(Math.min(now, round.length))} 0V${height - 20}`} stroke={bench.ink} strokeWidth="2" />}
    </svg>
  );
}

/** Seconds since a moment, while there is one. */
function useSeconds(since: number | null): number {
  const [seconds, setSeconds] = useState(0);
  useEffect(() => {
    setSeconds(0);
    if (since === null) return;
    const beat = window.setInterval(() => setSeconds(Math.floor((Date.now() - since) / 1000)), 200);
    return () => window.clearInterval(beat);
  }, [since]);
  return seconds;
}
