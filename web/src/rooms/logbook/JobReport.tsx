import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { answer, api, wrongIn } from '../../api/api';
import type { components } from '../../api/api.gen';
import { keys } from '../../api/keys';
import { useSettings } from '../../api/useSettings';
import { ChangeList } from '../../recipe/ChangeList';
import { bench } from '../../theme/theme';
import { TextEntry } from '../../ui/Field';
import { Failed, Loading } from '../../ui/Notice';
import { logTable, TakeTable } from '../../ui/TakeTable';
import { capital, date, minutes, moment, money } from '../../ui/words';
import { MadeCut } from './MadeCut';
import { BesidePick } from './PickOtherJob';
import { Again } from './RepeatCheck';
import { StepBars } from './StepBars';

/** A run as it was made, against its plan; what is to be planned so from now on is taken into the recipe. */
export default function RunMade() {
  const id = useParams().id ?? '';
  const path = { params: { path: { id } } };
  const queries = useQueryClient();
  const run = useQuery({ queryKey: keys.job(id), queryFn: () => answer(api.GET('/api/runs/{id}', path)), staleTime: 0 });
  const made = useQuery({ queryKey: keys.job(id, 'report'), queryFn: () => answer(api.GET('/api/runs/{id}/report', path)), staleTime: 0 });
  const recipe = useQuery({
    queryKey: keys.recipeOf(run.data?.recipe, 'for-run'),
    queryFn: () => answer(api.GET('/api/recipes/{id}', { params: { path: { id: run.data?.recipe ?? '' } } })),
    enabled: !!run.data?.recipe,
    staleTime: 0,
  });
  const currency = useSettings().data?.settings.currency ?? '';
  const [again, setAgain] = useState(false);
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const learn = useMutation({
    scope: { id: `lesson ${id}` }, // one after the other: each builds on what the one before it kept
    mutationFn: (patch: { lesson?: string; rating?: number | null }) => {
      const now = queries.getQueryData<typeof run.data>(keys.job(id));
      return answer(
        api.PUT('/api/runs/{id}/lesson', {
          ...path,
          body: { version: now?.version ?? 0, lesson: now?.lesson ?? '', rating: now?.rating ?? null, ...patch },
        }),
      );
    },
    onSuccess: (kept) => {
      queries.setQueryData(keys.job(id), kept);
      void queries.invalidateQueries({ queryKey: keys.jobs });
    },
  });
  const taken = (deviations: readonly string[], only: boolean) =>
    answer(
      api.POST('/api/runs/{id}/adopt', { ...path, body: { deviations: [...deviations], version: recipe.data?.version ?? 0, try: only } }),
    );
  const tried = useQuery({
    queryKey: keys.job(id, 'adopt', ticked, recipe.data?.version),
    queryFn: () => taken(ticked, true),
    enabled: ticked.length > 0 && !!recipe.data,
    retry: false,
  });
  const take = useMutation({
    mutationFn: (deviations: readonly string[]) => taken(deviations, false),
    onSuccess: () => {
      setTicked([]);
      void recipe.refetch();
      void queries.invalidateQueries({ queryKey: keys.recipe });
    },
  });
  const failed = run.error ?? made.error;
  if (failed) return <Failed error={failed} retry={() => void run.refetch()} />;
  if (!run.data || !made.data) return <Loading what="the job" />;
  const m = made.data;
  const takes = m.deviations.some((d) => d.takes) && recipe.data;
  /** What was decided at the bench or left out; how long it took is another matter. */
  const decided = m.deviations.filter((d) => d.takes && /^(changed|skipped|coats|order)-/.test(d.key)).map((d) => d.key);
  return (
    <Box sx={{ p: { xs: 1.5, sm: 3 }, maxWidth: 1080, width: '100%', mx: 'auto', display: 'grid', gap: 2.5 }}>
      <Box>
        <Link to="/logbook">Logbook</Link>
        <Typography variant="h1">{run.data.title}</Typography>
        <Box>
          {run.data.revision !== null && `Revision ${run.data.revision}. `}
          {m.begun ? `Started ${moment(m.begun)}` : 'No entries yet'}
          {m.ended && `, last entry ${moment(m.ended)}`}. {m.done} of {m.works} tasks done.
        </Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mt: 1 }}>
          <Button component={Link} to={`/logbook/${id}/care`} variant="outlined" size="small">
            Care sheet for the client
          </Button>
          {run.data.recipe && (
            <Button variant="outlined" size="small" onClick={() => setAgain(true)}>
              Repeat this job
            </Button>
          )}
          <BesidePick id={id} recipe={run.data.recipe} />
          <Button href={`/api/runs/${id}/log.csv`} size="small">
            Export log (CSV)
          </Button>
          <TakeTable name="Import log" table={logTable(id)} onTaken={() => void queries.invalidateQueries()} />
        </Box>
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 4 }} data-testid="sums">
        <Sum name="Hands-on" made={minutes(m.minutesMade)} planned={minutes(m.minutesPlanned)} of={`${m.timed} timed`} />
        {m.costMade !== null && m.costPlanned !== null && (m.timed > 0 || m.mlPoured > 0) && (
          <Sum name="Cost" made={money(m.costMade, currency)} planned={money(m.costPlanned, currency)} of="from logged entries" />
        )}
        {m.mlPoured > 0 && <Sum name="Poured" made={`${m.mlPoured} ml`} planned={`${m.mlPlanned} ml`} of="where logged" />}
      </Box>
      <StepBars
        first="planned"
        second="made"
        rows={m.steps.map((s) => ({ step: s.step, name: s.name, first: s.planned, second: s.minutes }))}
      />
      <Reached steps={m.steps} />
      <Box component="section" aria-label="Changes from plan">
        <Typography variant="h2" sx={{ borderBottom: `2px solid ${bench.ink}` }}>
          Changes from plan
        </Typography>
        {m.deviations.length === 0 && <p>Made as planned</p>}
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {m.deviations.map((d) => (
            <Box
              component="li"
              key={d.key}
              sx={{ display: 'flex', gap: 1, alignItems: 'center', minHeight: 48, borderBottom: `1px solid ${bench.line}` }}
            >
              {takes && d.takes ? (
                <Checkbox
                  slotProps={{ input: { 'aria-label': `Update recipe: ${d.name}, ${d.words}` } }}
                  checked={ticked.includes(d.key)}
                  onChange={(e) => setTicked(e.target.checked ? [...ticked, d.key] : ticked.filter((k) => k !== d.key))}
                />
              ) : (
                <Box sx={{ width: 42 }} />
              )}
              <span>
                <b>{d.name}</b>: {d.words}
              </span>
            </Box>
          ))}
        </Box>
        {tried.data?.findings.map((f) => (
          <Alert key={f.key} severity={f.severity === 'advise' ? 'info' : 'warning'} sx={{ mt: 1 }}>
            With these: {f.why}
          </Alert>
        ))}
        {tried.error && <Alert severity="warning">{wrongIn(tried.error)}</Alert>}
        {takes && (
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1.5 }}>
            <Button variant="contained" disabled={take.isPending || decided.length === 0} onClick={() => take.mutate(decided)}>
              Update recipe as made
            </Button>
            <Button variant="outlined" disabled={ticked.length === 0 || take.isPending} onClick={() => take.mutate(ticked)}>
              Update recipe with these
            </Button>
          </Box>
        )}
        {takes && <Box sx={{ color: 'text.secondary' }}>Changes the draft of the recipe. Undo works there.</Box>}
        {take.error && <Alert severity="error">{wrongIn(take.error)}</Alert>}
        {take.data && (
          <Alert severity="success" sx={{ mt: 1.5 }}>
            In the draft of <Link to={`/recipes/${take.data.recipe}`}>the recipe</Link>:
            <ChangeList changes={take.data.changes} />
          </Alert>
        )}
      </Box>
      <MadeCut run={id} deviations={m.deviations} />
      {again && run.data.recipe && <Again run={id} recipe={run.data.recipe} onClose={() => setAgain(false)} />}
      {run.data.notes.length > 0 && (
        <Box component="section" aria-label="Notes">
          <Typography variant="h2" sx={{ borderBottom: `2px solid ${bench.ink}` }}>
            Notes
          </Typography>
          {run.data.notes.map((n) => (
            <Box key={n.id} sx={{ py: 0.75 }}>
              {moment(n.at)}: {n.text ?? n.colour}
            </Box>
          ))}
        </Box>
      )}
      {run.data.photos.length > 0 && (
        <Box component="section" aria-label="Photos">
          <Typography variant="h2" sx={{ borderBottom: `2px solid ${bench.ink}`, mb: 1 }}>
            Photos
          </Typography>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
            {run.data.photos.map((p) => {
              const at = m.steps.find((s) => s.step === p.step)?.name;
              return (
                <Box key={p.id} component="figure" sx={{ m: 0, width: 240 }}>
                  <a href={`/api/run-photos/${p.id}`}>
                    <img
                      src={`/api/run-photos/${p.id}`}
                      alt={at ? `At “${at}”` : 'At the bench'}
                      style={{ width: '100%', border: `1px solid ${bench.ink}` }}
                    />
                  </a>
                  <figcaption>{at ? `At “${at}”, ${date(p.addedAt)}` : date(p.addedAt)}</figcaption>
                </Box>
              );
            })}
          </Box>
        </Box>
      )}
      <Box component="section" aria-label="Lesson" sx={{ display: 'grid', gap: 1 }}>
        <Typography variant="h2">Lesson</Typography>
        <TextEntry
          label="What to do better"
          multiline
          value={run.data.lesson}
          onChange={(lesson) => learn.mutate({ lesson })}
          error={wrongIn(learn.error)}
        />
        <Box role="radiogroup" aria-label="Rating" sx={{ display: 'flex' }}>
          {[1, 2, 3, 4, 5].map((n) => (
            <Button
              key={n}
              role="radio"
              aria-checked={run.data.rating === n}
              aria-label={`${n} of 5`}
              onClick={() => learn.mutate({ rating: run.data.rating === n ? null : n })}
              sx={{ minWidth: 44, fontSize: 22, color: n <= (run.data.rating ?? 0) ? bench.star : bench.slate }}
            >
              {n <= (run.data.rating ?? 0) ? '★' : '☆'}
            </Button>
          ))}
        </Box>
      </Box>
    </Box>
  );
}

/** Colours that were seen, each beside the one that was expected. */
function Reached({ steps }: { steps: readonly components['schemas']['StepRecord'][] }) {
  const seen = steps.flatMap((s) =>
    s.expected && s.colours.length > 0 ? [{ ...s, expected: s.expected, last: s.colours.at(-1) ?? '' }] : [],
  );
  if (seen.length === 0) return null;
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 3 }} data-testid="reached">
      {seen.map((s) => (
        <Box key={s.step}>
          <Box sx={{ display: 'flex', width: 140, height: 48, border: `1px solid ${bench.ink}` }}>
            <Box sx={{ flex: 1, bgcolor: s.expected }} />
            <Box sx={{ flex: 1, bgcolor: s.last }} />
          </Box>
          <Box sx={{ fontSize: 15, maxWidth: 260 }}>
            {s.name}: expected | seen. {capital(s.apart ?? '')}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

function Sum({ name, made, planned, of }: { name: string; made: string; planned: string; of: string }) {
  return (
    <Box>
      <Box sx={{ color: 'text.secondary' }}>{name}</Box>
      <Box sx={{ fontFamily: 'h1.fontFamily', fontSize: 24, fontWeight: 650 }}>{made}</Box>
      <Box>
        planned {planned}, {of}
      </Box>
    </Box>
  );
}
