import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { answer, api, type RunSummary } from '../../api/api';
import type { components } from '../../api/api.gen';
import { keys } from '../../api/keys';
import { useSettings } from '../../api/useSettings';
import { ChangeList } from '../../recipe/ChangeList';
import { FaceCanvas } from '../../recipe/face/FaceCanvas';
import { useReady } from '../../recipe/face/useReady';
import { bench } from '../../theme/theme';
import { Failed, Loading } from '../../ui/Notice';
import { counted, date, minutes, money } from '../../ui/words';
import { type BarRow, StepBars } from './StepBars';

type Made = components['schemas']['AsMadePreview'];

/** Compare jobs: their faces, their sums, what their recipes had different, and what was done differently. */
export default function Beside() {
  const { id = '', other = '' } = useParams();
  const { data, error, refetch } = useQuery({
    queryKey: keys.job(id, 'comparison', other),
    queryFn: () => answer(api.GET('/api/runs/{id}/compare/{other}', { params: { path: { id, other } } })),
    staleTime: 0,
  });
  if (error) return <Failed error={error} retry={() => void refetch()} />;
  if (!data) return <Loading what="both jobs" />;
  return (
    <Box sx={{ p: { xs: 1.5, sm: 3 }, maxWidth: 1080, width: '100%', mx: 'auto', display: 'grid', gap: 2.5 }}>
      <Box>
        <Link to={`/logbook/${id}`}>Back to the job</Link>
        <Typography variant="h1">Compare jobs</Typography>
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 3 }}>
        <One run={data.one} made={data.oneMade} />
        <One run={data.other} made={data.otherMade} />
      </Box>
      <Box component="section" aria-label="Hands-on">
        <Typography variant="h2" sx={{ borderBottom: `2px solid ${bench.ink}`, mb: 1 }}>
          Hands-on, step by step
        </Typography>
        <StepBars first="first job" second="second job" rows={rowsOf(data.oneMade, data.otherMade)} />
      </Box>
      <Box component="section" aria-label="Differences">
        <Typography variant="h2" sx={{ borderBottom: `2px solid ${bench.ink}` }}>
          Differences (first against second)
        </Typography>
        {data.made.length === 0 && <p>No differences recorded</p>}
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {data.made.map((d) => (
            <Box component="li" key={d.step} sx={{ py: 1, borderBottom: `1px solid ${bench.line}` }}>
              <b>{d.name}</b>: {d.words}
            </Box>
          ))}
        </Box>
      </Box>
      <Box component="section" aria-label="Their recipes">
        <Typography variant="h2" sx={{ borderBottom: `2px solid ${bench.ink}` }}>
          Recipe differences
        </Typography>
        {data.recipes.length === 0 ? <p>Same recipe</p> : <ChangeList changes={data.recipes} />}
      </Box>
    </Box>
  );
}

/** Steps of both jobs, in the order of the first; then what only the second has. */
function rowsOf(one: Made, other: Made): BarRow[] {
  const there = new Map(other.steps.map((s) => [s.step, s]));
  const here = new Set(one.steps.map((s) => s.step));
  return [
    ...one.steps.map((s) => ({ step: s.step, name: s.name, first: s.minutes, second: there.get(s.step)?.minutes ?? null })),
    ...other.steps.filter((s) => !here.has(s.step)).map((s) => ({ step: s.step, name: s.name, first: null, second: s.minutes })),
  ];
}

function One({ run, made }: { run: RunSummary; made: Made }) {
  const currency = useSettings().data?.settings.currency ?? '';
  const path = { params: { path: { id: run.id } } };
  const opened = useQuery({ queryKey: keys.job(run.id), queryFn: () => answer(api.GET('/api/runs/{id}', path)) });
  const worked = useQuery({
    queryKey: keys.job(run.id, 'as-made'),
    queryFn: () => answer(api.GET('/api/runs/{id}/calculation', { params: { ...path.params, query: { made: true } } })),
  });
  const stack = worked.data?.preview.stacks[0];
  const ready = useReady(opened.data?.document, stack);
  const seen = made.steps.flatMap((s) => s.colours).at(-1);
  return (
    <Box>
      <Typography variant="h3" component="h2">
        <Link to={`/logbook/${run.id}`}>{run.title}</Link>
      </Typography>
      <Box sx={{ mb: 1 }}>
        {run.revision !== null && `Revision ${run.revision}, `}
        {run.finishedAt ? `finished ${date(run.finishedAt)}` : 'in progress'}
        {run.rating !== null && `, ${run.rating} of 5`}
      </Box>
      {ready && stack && (
        <Box sx={{ maxWidth: 330 }}>
          <FaceCanvas ready={ready} at={stack.look.after.length - 1} eyes="usual" label={`${run.title} as made`} />
        </Box>
      )}
      {seen && (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', mt: 1 }}>
          <Box sx={{ width: 48, height: 32, bgcolor: seen, border: `1px solid ${bench.ink}` }} /> seen last: {seen}
        </Box>
      )}
      <Box sx={{ mt: 1 }}>
        {made.timed > 0 && `${minutes(made.minutesMade)} hands-on (${counted(made.timed, 'timed task', 'timed tasks')}). `}
        {made.mlPoured > 0 && `${made.mlPoured} ml poured. `}
        {made.costMade !== null && made.costMade > 0 && `${money(made.costMade, currency)}, from logged entries.`}
      </Box>
      {run.lesson && <Box sx={{ mt: 1, fontStyle: 'italic' }}>{run.lesson}</Box>}
    </Box>
  );
}
