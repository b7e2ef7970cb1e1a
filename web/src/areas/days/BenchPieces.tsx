import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answer, api, type DaysPreview, type RunSummary, type Settings } from '../../app/api';
import { bench } from '../../app/theme';
import { Choice, DayEntry } from '../../shared/Field';
import { RecipePick } from '../../shared/RecipePick';
import { minutes, moment } from '../../shared/words';
import { CalendarFeed } from './CalendarFeed';
import { Mark } from './NextUp';
import { useRunWork } from './useDays';

type Props = { plan: DaysPreview; runs: readonly RunSummary[]; settings: Settings };

/** The pieces on the bench: when each is ready, where it stands, from when and by when; and another one put there. */
export function BenchPieces({ plan, runs, settings }: Props) {
  const { put, change } = useRunWork();
  const error = put.error ?? change.error;
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <RecipePick label="Put on the bench" onPick={(recipe) => put.mutate({ recipe })} />
      {error && <Alert severity="error">{error.message}</Alert>}
      {plan.pieces.map((piece) => {
        const run = runs.find((r) => r.id === piece.id);
        return (
          <Box
            key={piece.id}
            component="section"
            aria-label={piece.title}
            sx={{ border: `1px solid ${bench.line}`, borderRadius: 1, bgcolor: 'background.paper', p: 1.5, display: 'grid', gap: 1 }}
          >
            <Box sx={{ display: 'flex', gap: 1.25, alignItems: 'center' }}>
              <Mark plan={plan} piece={piece.id} />
              <Box sx={{ flex: 1, fontWeight: 650, lineHeight: 1.25 }}>
                {run?.recipe ? (
                  <Link to={`/recipes/${run.recipe}`} style={{ color: 'inherit' }}>
                    {piece.title}
                  </Link>
                ) : (
                  piece.title
                )}
              </Box>
            </Box>
            <Box>
              {piece.stuck ?? (piece.ready === null ? 'All of it is done.' : <>Ready {moment(piece.ready)}</>)}
              {piece.soonest && piece.latest && piece.soonest !== piece.latest && (
                <Box sx={{ color: 'text.secondary', fontSize: 15 }}>
                  {moment(piece.soonest)} with the fewest rounds, {moment(piece.latest)} with the most
                </Box>
              )}
              {piece.beginBy && piece.late === 0 && (
                <Box sx={{ color: 'text.secondary', fontSize: 15 }}>
                  By itself it is ready in time if gone on with by {moment(piece.beginBy)}
                </Box>
              )}
              {piece.late > 0 && (
                <Box sx={{ color: 'error.main', fontWeight: 650 }}>{minutes(piece.late)} after the day it is wanted by</Box>
              )}
            </Box>
            {run && (
              <>
                <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
                  <DayEntry label="Not before" value={run.notBefore} onChange={(notBefore) => change.mutate({ run, to: { notBefore } })} />
                  <DayEntry label="Wanted by" value={run.due} onChange={(due) => change.mutate({ run, to: { due } })} />
                </Box>
                <Choice
                  label="Stands"
                  value={run.place ?? ''}
                  options={[['', 'in the usual air'] as const, ...(settings.places ?? []).map((p) => [p.id, p.name] as const)]}
                  onChange={(place) => change.mutate({ run, to: { place: place === '' ? null : place } })}
                />
                <AirNow place={run.place} />
                <Box sx={{ display: 'flex', gap: 1 }}>
                  <Button size="small" variant="contained" component={Link} to={`/bench/${run.id}`}>
                    At the bench
                  </Button>
                  <Button size="small" variant="outlined" onClick={() => change.mutate({ run, to: { finished: true } })}>
                    It is finished
                  </Button>
                  <Button size="small" color="inherit" onClick={() => change.mutate({ run, to: { archived: true } })}>
                    Take it off
                  </Button>
                </Box>
              </>
            )}
          </Box>
        );
      })}
      <CalendarFeed />
    </Box>
  );
}

/** The air where a piece stands, as its hygrometer shows it. */
function AirNow({ place }: { place: string | null }) {
  const { data } = useQuery({
    queryKey: ['hygrometer', place],
    queryFn: () => answer(api.GET('/api/hygrometer', { params: { query: place === null ? {} : { place } } })),
    refetchInterval: 30_000,
    staleTime: 0,
  });
  if (!data) return null;
  return (
    <Box sx={{ color: 'text.secondary', fontSize: 15 }}>
      There now {data.temperature.toFixed(1)} °C, {data.humidity.toFixed(0)} %{data.simulated ? ', by its usual day' : ', measured'}
    </Box>
  );
}
