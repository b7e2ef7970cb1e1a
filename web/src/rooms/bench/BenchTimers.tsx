import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useRef } from 'react';
import { bench } from '../../theme/theme';
import { buzz, ring, say } from './comfort';
import type { Timer } from './timers';

const words: Record<Timer['what'], string> = {
  dwell: 'wipe in',
  open: 'open for',
  recoat: 'ready to recoat in',
  touch: 'touch-dry in',
  through: 'through-dry in',
  cure: 'cured in',
  wait: 'wait',
};
const over: Record<Timer['what'], string> = {
  dwell: 'wipe now',
  open: 'has set',
  recoat: 'ready to recoat',
  touch: 'touch-dry',
  through: 'through-dry',
  cure: 'cured',
  wait: 'wait is over',
};

function left(seconds: number): string {
  const s = Math.max(0, Math.round(seconds));
  if (s >= 172_800) return `${Math.round(s / 86_400)} days`;
  if (s >= 3600) return `${Math.floor(s / 3600)} h ${String(Math.floor((s % 3600) / 60)).padStart(2, '0')}`;
  return `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;
}

// Kept, for making one takes far longer than using it.
const onDay = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });

/** By the clock of the device; the day too where it is another. */
function at(until: number, now: number): string {
  const date = new Date(until * 1000);
  const clock = date.toTimeString().slice(0, 5);
  const isToday = date.toDateString() === new Date(now * 1000).toDateString();
  return isToday ? `at ${clock}` : `${onDay.format(date)}, ${clock}`;
}

/** Everything that runs, the next to end first; each rings once. */
export function BenchTimers({
  timers,
  now,
  sound,
  voice,
  onDry,
}: {
  timers: readonly Timer[];
  now: number;
  sound: boolean;
  voice: boolean;
  onDry: (timer: Timer) => void;
}) {
  const rung = useRef(new Set<string>());
  useEffect(() => {
    for (const t of timers) {
      if (t.until > now || now - t.until > 5 || rung.current.has(t.key)) continue;
      rung.current.add(t.key);
      buzz();
      if (sound) ring();
      if (voice) say(`${t.name}: ${over[t.what]}.`);
    }
  }, [timers, now, sound, voice]);
  if (timers.length === 0) return null;
  return (
    <Box component="ul" aria-label="Timers" sx={{ listStyle: 'none', m: 0, p: 0, display: 'flex', flexWrap: 'wrap', gap: 1 }}>
      {timers.map((t) => {
        const ended = t.until <= now;
        return (
          <Box
            component="li"
            key={t.key}
            sx={{ border: `2px solid ${ended ? bench.oxide : 'currentColor'}`, borderRadius: 1, px: 1.5, py: 0.75, minWidth: 170 }}
          >
            <Box sx={{ fontSize: 16 }}>
              {t.name}: {ended ? over[t.what] : words[t.what]}
            </Box>
            <Box role="timer" sx={{ fontSize: 44, fontWeight: 700, lineHeight: 1.1, fontVariantNumeric: 'tabular-nums' }}>
              {ended ? '0:00' : left(t.until - now)}
            </Box>
            {!ended && <Box sx={{ fontSize: 16 }}>{at(t.until, now)}</Box>}
            {t.what === 'recoat' && (
              <Button variant="outlined" color="inherit" onClick={() => onDry(t)} aria-keyshortcuts="r" sx={{ minHeight: 48 }}>
                Ready to recoat
              </Button>
            )}
          </Box>
        );
      })}
    </Box>
  );
}
