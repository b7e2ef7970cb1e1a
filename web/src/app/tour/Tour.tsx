import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { answer, api } from '../../api/api';
import { keys } from '../../api/keys';
import { bench } from '../../theme/theme';
import { goTo, hasMoved, leave } from '../../ui/tourState';
import { stops } from './stops';

/** Leads through the rooms, a card at the foot of each; whatever is pressed meanwhile works as ever, and it can be left at any time. */
export default function Tour({ at }: { at: number }) {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const card = useRef<HTMLDivElement>(null);
  const known = useQuery({
    queryKey: keys.tour,
    queryFn: async () => {
      const [found, runs] = await Promise.all([
        answer(api.GET('/api/recipes', { params: { query: {} } })),
        answer(api.GET('/api/runs', { params: { query: { bench: true } } })),
      ]);
      return { recipe: found.recipes[0]?.id ?? null, run: runs.runs[0]?.id ?? null };
    },
    staleTime: Number.POSITIVE_INFINITY,
  });
  const there = known.data ? stops.filter((s) => s.to(known.data) !== null) : [];
  const stop = there[Math.min(at, there.length - 1)];
  const to = known.data && stop ? stop.to(known.data) : null;
  // biome-ignore lint/correctness/useExhaustiveDependencies: led there once for each stop, whatever room one is in then
  useEffect(() => {
    if (to === null || !hasMoved()) return;
    navigate(to);
    card.current?.focus();
  }, [to, at]);
  useEffect(() => {
    if (!stop?.at || pathname !== to) return;
    // The room may only be opening.
    let marked: HTMLElement | SVGElement | null = null;
    const look = window.setInterval(() => {
      marked = document.querySelector<HTMLElement | SVGElement>(stop.at ?? '');
      if (!marked) return;
      window.clearInterval(look);
      marked.style.outline = `4px solid ${bench.ochre}`;
      marked.style.outlineOffset = '4px';
    }, 100);
    return () => {
      window.clearInterval(look);
      if (marked) marked.style.outline = marked.style.outlineOffset = '';
    };
  }, [stop, pathname, to]);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => e.key === 'Escape' && card.current?.contains(document.activeElement) && leave();
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  if (!stop) return null;
  const isLast = at >= there.length - 1;
  return (
    <Box
      ref={card}
      component="aside"
      role="dialog"
      aria-label={`Tour: ${stop.title}`}
      tabIndex={-1}
      sx={{
        position: 'fixed',
        zIndex: 1200,
        right: { xs: 8, sm: 24 },
        bottom: { xs: 8, sm: 24 },
        left: { xs: 8, sm: 'auto' },
        width: { sm: 420 },
        bgcolor: bench.ink,
        color: bench.paper,
        borderRadius: 1,
        p: 2.5,
        boxShadow: '0 6px 28px rgba(0,0,0,.35)',
        outline: 'none',
      }}
    >
      <Typography variant="h2" component="p">
        {stop.title}
      </Typography>
      <Box sx={{ my: 1.25, fontSize: 17, lineHeight: 1.4 }}>{stop.words}</Box>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
        <Box sx={{ flex: 1 }}>
          {Math.min(at, there.length - 1) + 1} of {there.length}
        </Box>
        {!isLast && (
          <Button color="inherit" onClick={leave}>
            End tour
          </Button>
        )}
        {at > 0 && (
          <Button color="inherit" onClick={() => goTo(at - 1)}>
            Back
          </Button>
        )}
        <Button
          variant="contained"
          onClick={() => (isLast ? leave() : goTo(at + 1))}
          sx={{ bgcolor: bench.brass, color: bench.ink, '&:hover': { bgcolor: bench.brassLight } }}
        >
          {isLast ? 'Finish' : 'Next'}
        </Button>
      </Box>
    </Box>
  );
}
