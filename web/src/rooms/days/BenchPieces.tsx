import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answer, api, type DaysPreview, type RunSummary, type Settings } from '../../api/api';
import { keys } from '../../api/keys';
import { useRunWork } from '../../log/useBench';
import { bench } from '../../theme/theme';
import { DayEntry } from '../../ui/DayEntry';
import { Choice } from '../../ui/Field';
import { day, minutes, moment } from '../../ui/words';
import { Mark } from './NextUp';

type Props = { plan: DaysPreview; runs: readonly RunSummary[]; settings: Settings };

/** The pieces on the bench, a line each: opened, where it stands, from when and by when. */
export function BenchPieces({ plan, runs, settings }: Props) {
  const { change } = useRunWork();
  const { error } = change;
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      {error && <Alert severity="error">{error.message}</Alert>}
      {plan.pieces.map((piece) => {
        const run = runs.find((r) => r.id === piece.id);
        return (
          <Box
            key={piece.id}
            component="section"
            aria-label={piece.title}
            sx={{ border: `1px solid ${bench.line}`, borderRadius: 1, bgcolor: 'background.paper', position: 'relative' }}
          >
            {run && (
              <Button
                size="small"
                variant="contained"
                component={Link}
                to={`/bench/${run.id}`}
                aria-label={`Bench: ${piece.title}`}
                sx={{ position: 'absolute', top: 8, right: 8 }}
              >
                Bench
              </Button>
            )}
            <Box component="details">
              <Box
                component="summary"
                sx={{ display: 'flex', gap: 1.25, alignItems: 'center', p: 1, pr: 11, minHeight: 52, cursor: 'pointer' }}
              >
                <Mark plan={plan} piece={piece.id} />
                <Box sx={{ flex: 1, fontWeight: 650, lineHeight: 1.25 }}>{piece.title}</Box>
                <Box sx={{ fontSize: 15, textAlign: 'right', ...(piece.late > 0 ? { color: 'error.main', fontWeight: 650 } : {}) }}>
                  {piece.stuck
                    ? 'stuck'
                    : piece.ready === null
                      ? 'done'
                      : piece.late > 0
                        ? `${minutes(piece.late)} late`
                        : `ready ${day(piece.ready)}`}
                </Box>
              </Box>
              <Box sx={{ display: 'grid', gap: 1, p: 1.5, pt: 0.5 }}>
                <Box>
                  {piece.stuck ?? (piece.ready === null ? 'All steps done' : <>Ready {moment(piece.ready)}</>)}
                  {piece.soonest && piece.latest && piece.soonest !== piece.latest && (
                    <Box sx={{ color: 'text.secondary', fontSize: 15 }}>
                      {moment(piece.soonest)} with fewest repeats, {moment(piece.latest)} with most
                    </Box>
                  )}
                  {piece.beginBy && piece.late === 0 && (
                    <Box sx={{ color: 'text.secondary', fontSize: 15 }}>
                      Latest start to meet the deadline, if this were the only job: {moment(piece.beginBy)}
                    </Box>
                  )}
                </Box>
                {run && (
                  <>
                    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
                      <DayEntry
                        label="Start no earlier than"
                        value={run.notBefore}
                        onChange={(notBefore) => change.mutate({ run, to: { notBefore } })}
                      />
                      <DayEntry label="Deadline" value={run.due} onChange={(due) => change.mutate({ run, to: { due } })} />
                    </Box>
                    <Choice
                      label="Dries in"
                      value={run.place ?? ''}
                      options={[['', 'studio'] as const, ...(settings.places ?? []).map((p) => [p.id, p.name] as const)]}
                      onChange={(place) => change.mutate({ run, to: { place: place === '' ? null : place } })}
                    />
                    <AirNow place={run.place} />
                    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
                      {run.recipe && (
                        <Button size="small" variant="outlined" component={Link} to={`/recipes/${run.recipe}`}>
                          Recipe
                        </Button>
                      )}
                      <Button size="small" variant="outlined" onClick={() => change.mutate({ run, to: { finished: true } })}>
                        Mark job finished
                      </Button>
                      <Button size="small" color="inherit" onClick={() => change.mutate({ run, to: { archived: true } })}>
                        Archive job
                      </Button>
                    </Box>
                  </>
                )}
              </Box>
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}

/** The air where a piece stands, as its hygrometer shows it. */
function AirNow({ place }: { place: string | null }) {
  const { data } = useQuery({
    queryKey: keys.climate(place),
    queryFn: () => answer(api.GET('/api/hygrometer', { params: { query: place === null ? {} : { place } } })),
    refetchInterval: 30_000,
    staleTime: 0,
  });
  if (!data) return null;
  return (
    <Box sx={{ color: 'text.secondary', fontSize: 15 }}>
      Now {data.temperature.toFixed(0)} °C, {data.humidity.toFixed(0)} % ({data.simulated ? 'typical for this hour' : 'measured'})
    </Box>
  );
}
